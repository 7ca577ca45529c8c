package org.vatwright.desktop.frame;

import java.util.List;
import java.util.function.Consumer;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.TakenFrom;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Taking;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Work;
import org.vatwright.desktop.studio.Studio;

/** Takes pictures of what the project holds, beside the window's own work. */
public final class Takings {

    private final Studio studio;
    private final Errands errands;

    Takings(Studio studio, Errands errands) {
        this.studio = studio;
        this.errands = errands;
    }

    private void take(TakenFrom from, Consumer<Picture> then) {
        Project project = studio.project();
        errands.run("Taking a tile", () -> Taking.picture(project, from, studio.faces(), studio.tiles(), Work.plain()),
                then);
    }

    private String name(TakenFrom from) {
        return "From " + switch (from) {
            case TakenFrom.OfDesign of -> studio.project().design(of.design()).map(Design::name).orElse("a design");
            case TakenFrom.OfArticle of -> studio.project().article(of.article()).map(a -> a.name())
                    .orElse("an article");
        };
    }

    /** Into a design of its own, which comes in view. */
    public void fresh(TakenFrom from) {
        take(from, picture -> {
            List<String> names = studio.project().designs().stream().map(Design::name).toList();
            String wanted = name(from);
            String name = names.contains(wanted) ? Palette.freeName(wanted, names) : wanted;
            studio.attempt(() -> {
                Design design = Taking.fresh(name, picture, from, Taking.closes(studio.project(), from));
                studio.edit("take a tile", p -> p.addDesign(design), s -> s.withDesign(design));
            });
        });
    }

    /** Into a new layer of the design in view. */
    public void layer(TakenFrom from) {
        Id design = studio.selection().design();
        String name = name(from);
        take(from, picture -> {
            if (studio.edit("take a layer", p -> p.edit(design, d -> Taking.into(d, name, picture, from)))) {
                studio.project().design(design).ifPresent(d -> studio.select(
                        s -> s.design().equals(design) ? s.withLayer(d.layers().getLast().id()) : s));
            }
        });
    }

    /** Takes the picture of an ink of the design in view again, as what it was taken from is now. */
    public void again(String fill, TakenFrom from) {
        Id design = studio.selection().design();
        take(from, picture -> studio.edit("take again",
                p -> p.edit(design, d -> d.editFill(fill, f -> f.withPicture(x -> x.withPicture(picture))))));
    }
}
