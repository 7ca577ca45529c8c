package org.vatwright.desktop.dress;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Ground;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;

/** What the article lies on. */
final class GroundCard extends VBox {

    private static final List<String> KINDS = List.of("clear", "one ink", "a design");

    private final Studio studio;
    private final Segments<String> kind;
    private final InkPick ink;
    private final MenuButton design = new MenuButton();
    private final NumberRow scale;

    GroundCard(Studio studio) {
        super(7);
        this.studio = studio;
        setId("ground");
        kind = new Segments<>(KINDS, k -> k, this::kind);
        kind.getStyleClass().add("tight");
        KINDS.forEach(k -> kind.button(k).setId("ground-" + k.replace(' ', '-')));
        ink = new InkPick(studio, "ground-in", "ground", rgb -> set("ink of the ground", new Ground.OneInk(rgb)));
        design.setId("ground-design");
        scale = NumberRow.number(studio, "Scale", "scale of the ground", "%", 1, 5, n -> studio.article()
                .map(a -> a.dressings().whole().ground()).filter(Ground.OfDesign.class::isInstance)
                .ifPresent(g -> set("scale of the ground", new Ground.OfDesign(((Ground.OfDesign) g).lay()
                        .withScale(Math.max(0.01, n / 100))))));
        getChildren().addAll(Ui.labelled("Ground", kind), ink, Ui.pair(design, scale));
    }

    private void set(String name, Ground ground) {
        DressEdits.whole(studio, name, w -> w.withGround(ground));
    }

    private void kind(String wanted) {
        switch (KINDS.indexOf(wanted)) {
            case 0 -> set("no ground", Ground.CLEAR);
            case 1 -> set("a ground of one ink", new Ground.OneInk(InkPick.PAPER));
            default -> studio.design().ifPresent(d -> set("a ground of " + d.name(), new Ground.OfDesign(new Lay(d.id(),
                    studio.colourway(d).name()))));
        }
    }

    void show(Article article) {
        Ground ground = article.dressings().whole().ground();
        kind.show(KINDS.get(ground instanceof Ground.Clear ? 0 : ground instanceof Ground.OneInk ? 1 : 2));
        Ui.show(ink, ground instanceof Ground.OneInk);
        Ui.show(design.getParent(), ground instanceof Ground.OfDesign);
        if (ground instanceof Ground.OneInk(var colour)) {
            ink.show(article, colour);
        }
        if (ground instanceof Ground.OfDesign(Lay lay)) {
            scale.show(100 * lay.scale());
            Optional<Design> shown = studio.project().design(lay.design());
            design.setText(shown.map(Design::name).orElse("nothing"));
            design.getItems().clear();
            for (Design each : studio.project().designs()) {
                MenuItem item = new MenuItem(each.name());
                item.setOnAction(e -> set("a ground of " + each.name(), new Ground.OfDesign(lay.withDesign(each.id(),
                        each.palette().orFirst(lay.colourway()).name()))));
                design.getItems().add(item);
            }
        }
    }
}
