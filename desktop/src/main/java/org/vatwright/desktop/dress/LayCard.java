package org.vatwright.desktop.dress;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ByRule;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Angle;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Choice;
import org.vatwright.desktop.control.GrainDial;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressHand;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The lay of the chosen pieces: design, colourway, scale, grain, start, opacity, blend. */
final class LayCard extends VBox {

    private static final int STRIP_WIDTH = 250;
    private static final int STRIP_HEIGHT = 28;
    private static final List<Double> SNAPS = List.of(0.0, 45.0, 90.0, -45.0);

    private final Studio studio;
    private final ClothImage strip = new ClothImage();
    private final ComboBox<Choice> design = new ComboBox<>();
    private final ComboBox<String> colourway = new ComboBox<>();
    private final NumberRow scale;
    private final NumberRow repeat;
    private final NumberRow shear;
    private final CheckBox flipped = new CheckBox("mirrored");
    private final CheckBox upright = new CheckBox("has a way up");
    private final Label onItsHead = Ui.prose("It stands on its head here.", "look");
    private final GrainDial dial;
    private final NumberRow grain;
    private final NumberRow startX;
    private final NumberRow startY;
    private final NumberRow opacity;
    private final ComboBox<String> mode = new ComboBox<>();
    private final CheckBox together = new CheckBox("its gradient over all such pieces together");
    private final VBox worn = new VBox(6);
    private static final double BLEND_WIDE = 92;

    private final FadeRow fade;
    private final VBox bare = new VBox(8);
    private boolean showing;

    LayCard(Studio studio) {
        super(8);
        this.studio = studio;
        setId("lay");
        design.setId("lay-design");
        design.setAccessibleText("Design of the lay");
        design.setOnAction(e -> choose(design, this::lay));
        colourway.setId("lay-colourway");
        colourway.setAccessibleText("Colourway of the lay");
        colourway.setOnAction(e -> choose(colourway,
                c -> studio.editLays("wear " + c, l -> l.withDesign(l.design(), c))));
        scale = NumberRow.number(studio, "Scale", "scale of the lay", "%", 2, 5,
                n -> studio.editLays("scale %s %%".formatted(Numbers.plain(n, 2)), l -> l.withScale(n / 100)));
        repeat = NumberRow.length(studio, "Repeat", "repeat of the lay", this::repeat);
        shear = NumberRow.number(studio, "Lean", "lean of the lay", "\u00b0", 1, 1,
                n -> studio.editLays("lean %s\u00b0".formatted(Numbers.plain(n, 1)), l -> l.withShearDeg(n)));
        flipped.setId("lay-flipped");
        flipped.setOnAction(e -> studio.editLays("mirror the lay", l -> l.withFlipped(flipped.isSelected())));
        upright.setId("design-upright");
        upright.setOnAction(e -> upright(upright.isSelected()));
        dial = new GrainDial(studio, "grain", this::turn);
        grain = NumberRow.number(studio, "", "grain of the lay", "\u00b0", 2, 1, this::turn);
        startX = NumberRow.length(studio, "From left", "start to the right",
                mm -> studio.editLays("start of the lay", l -> l.withStart(mm, l.startY())));
        startY = NumberRow.length(studio, "From top", "start down",
                mm -> studio.editLays("start of the lay", l -> l.withStart(l.startX(), mm)));
        Button home = Ui.link("back to 0, 0", () -> studio.editLays("start back to 0, 0", l -> l.withStart(0, 0)));
        home.setId("start-home");
        opacity = NumberRow.number(studio, "Opacity", "opacity of the lay", "%", 1, 5,
                n -> studio.editLays("lay opacity %s %%".formatted(Numbers.plain(n)), l -> l.withOpacity(n / 100)));
        mode.setAccessibleText("Blend mode of the lay");
        mode.setPrefWidth(BLEND_WIDE);
        mode.getItems().setAll(List.of(BlendMode.values()).stream().map(BlendMode::words).toList());
        mode.setOnAction(e -> {
            int index = mode.getSelectionModel().getSelectedIndex();
            if (!showing && index >= 0) {
                studio.editLays("blend the lay", l -> l.withMode(BlendMode.values()[index]));
            }
        });
        together.setId("lay-together");
        together.setOnAction(e -> studio.editLays(
                together.isSelected() ? "gradient over all pieces together" : "gradient over each piece",
                l -> l.withTogether(together.isSelected())));
        fade = new FadeRow(studio);
        Button take = Ui.link("take another piece's", () -> studio.holdDress(h -> h.withTool(DressHand.Tool.TAKE)));
        take.setId("lay-take");
        Button rule = Ui.link("all pieces by rule", this::byRule);
        rule.setId("lay-by-rule");
        StackPane frame = new StackPane(strip);
        frame.getStyleClass().add("layer-strip");
        VBox turned = Ui.column(4, Ui.label("Grain", "card-title"), grain,
                Ui.row(Ui.link("straight", () -> turn(0)), Ui.link("bias", () -> turn(45)),
                        Ui.link("cross", () -> turn(90))));
        worn.getChildren().addAll(frame, Ui.labelled("Design", design), Ui.labelled("Colourway", colourway),
                Ui.pair(scale, repeat),
                Ui.row(dial, turned), Ui.pair(startX, startY), Ui.row(home, Ui.spring(), take),
                Ui.pair(shear, opacity), Ui.row(Ui.labelled("Blend", mode), Ui.spring(), flipped),
                Ui.row(fade, Ui.spring(), upright), onItsHead,
                together, Ui.row(rule, Ui.spring(), Ui.link("take the cloth off", this::strip)));
        Button dress = Ui.button("Lay the design here", () -> studio.editLays("lay the design", l -> l));
        dress.setId("lay-here");
        bare.getChildren().addAll(Ui.prose("Bare. Drag a design from the shelf onto it, or", "quiet"), dress);
        getChildren().addAll(worn, bare);
    }

    /** One cloth runs on over all pieces as it lies on the first chosen; sleeves have it along their axis. */
    private void byRule() {
        studio.article().flatMap(a -> studio.cut(a).pieces().stream()
                .filter(p -> studio.selection().pieces().contains(p.id()))
                .flatMap(p -> a.dressing(p.id()).lay().stream())
                .findFirst())
                .ifPresent(
                        lay -> studio.editArticle("dress all pieces by rule", a -> ByRule.dressed(a, lay.withGrainDeg(
                                0), studio.faces())));
    }

    /** As wide as that the cell lies on the article. */
    private void repeat(double mm) {
        studio.editLays("repeat %s mm".formatted(Numbers.plain(mm, 1)), l -> studio.project().design(l.design())
                .map(d -> l.withScale(mm / d.repeat().widthMm())).orElse(l));
    }

    private void upright(boolean is) {
        studio.article().flatMap(a -> studio.selection().pieces().stream()
                .flatMap(p -> a.dressing(p).lay().stream()).findFirst())
                .ifPresent(lay -> studio.edit(is ? "mark the way up" : "take the mark of the way up off",
                        p -> p.edit(lay.design(), d -> d.withUpright(is))));
    }

    private <T> void choose(ComboBox<T> box, Consumer<T> take) {
        if (!showing && box.getValue() != null) {
            take.accept(box.getValue());
        }
    }

    private void lay(Choice chosen) {
        studio.project().design(chosen.id()).ifPresent(d -> studio.editLays("lay " + d.name(),
                l -> l.withDesign(d.id(), d.palette().orFirst(l.colourway()).name())));
    }

    private void turn(double degrees) {
        double upright = Angle.turn(degrees);
        studio.editLays("grain %s\u00b0".formatted(Numbers.plain(upright, 2)), l -> l.withGrainDeg(upright));
    }

    private void strip() {
        studio.article().ifPresent(article -> {
            List<Id> all = studio.cut(article).ids();
            studio.editArticle("take the cloth off", a -> {
                Article changed = a;
                for (Id piece : studio.selection().pieces()) {
                    changed = changed.withLay(piece, all, Optional.empty());
                }
                return changed;
            });
        });
    }

    void show(Cut cut) {
        List<Piece> pieces = cut.pieces().stream().filter(p -> studio.selection().pieces().contains(p.id())).toList();
        if (pieces.isEmpty()) {
            return;
        }
        showing = true;
        Optional<Lay> lay = pieces.stream().map(cut::lay).flatMap(Optional::stream).findFirst();
        Ui.show(worn, lay.isPresent());
        Ui.show(bare, lay.isEmpty());
        lay.ifPresent(this::values);
        showing = false;
    }

    private void values(Lay lay) {
        List<Choice> designs = studio.project().designs().stream().map(d -> new Choice(d.id(), d.name())).toList();
        if (!design.getItems().equals(designs)) {
            design.getItems().setAll(designs);
        }
        design.setValue(designs.stream().filter(d -> d.id().equals(lay.design())).findFirst().orElse(null));
        studio.project().design(lay.design()).ifPresent(d -> {
            List<String> names = d.palette().colourways().stream().map(Colourway::name).toList();
            if (!colourway.getItems().equals(names)) {
                colourway.getItems().setAll(names);
            }
            Colourway shown = d.palette().orFirst(lay.colourway());
            colourway.setValue(shown.name());
            repeat.show(d.repeat().widthMm() * lay.scale());
            Scenes.Field field = new Scenes.Field(d, shown, 0, 0, STRIP_WIDTH, STRIP_HEIGHT,
                    STRIP_WIDTH / (2 * d.repeat().tile().widthMm()));
            strip.draw(field, field.subject(studio.tiles()), STRIP_WIDTH, STRIP_HEIGHT);
            Ui.show(together, d.usedFills().stream().anyMatch(Fill::overPiece));
        });
        scale.show(100 * lay.scale());
        grain.show(lay.grainDeg());
        shear.show(lay.shearDeg());
        fade.show(lay);
        flipped.setSelected(lay.flipped());
        boolean up = studio.project().design(lay.design()).filter(Design::upright).isPresent();
        upright.setSelected(up);
        Ui.show(onItsHead, up && lay.onItsHead());
        dial.show(lay.grainDeg(), SNAPS);
        startX.show(lay.startX());
        startY.show(lay.startY());
        opacity.show(100 * lay.opacity());
        mode.getSelectionModel().select(lay.mode().ordinal());
        together.setSelected(lay.together());
    }
}
