package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Trim;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

/** A trim along a line that was drawn. */
final class DrawnTrim {

    private DrawnTrim() {}

    /** Words stand on a line that is drawn for them. */
    static void add(Studio studio, Outline line) {
        if (studio.article().orElse(null) instanceof Article.Lettering && studio.selection().pieces().isEmpty()) {
            studio.editArticle("words along a line", a -> a instanceof Article.Lettering l
                    ? l.withSetting(l.setting().withLine(Optional.of(line)))
                    : a);
            return;
        }
        studio.design().ifPresent(d -> studio.article().ifPresent(a -> {
            double broad = Math.max(1, Math.rint(Math.max(line.bounds().getWidth(), line.bounds().getHeight()) / 15));
            Trim fresh = new Trim(Optional.empty(), Optional.of(line),
                    Print.whole(d, studio.colourway(d).name(), 0, 0).withGround(true), Optional.empty(),
                    TrimForm.fresh(broad).withInsetMm(0));
            int at = a.dressings().whole().trims().size();
            studio.holdDress(h -> h.with().trim(at).repeat(-1).build());
            DressEdits.whole(studio, "add a trim along a line", w -> {
                List<Trim> all = new ArrayList<>(w.trims());
                all.add(fresh);
                return w.withTrims(all);
            });
        }));
    }
}
