package org.vatwright.desktop.building;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;

import javafx.scene.layout.VBox;

import org.vatwright.core.catalogue.Catalogue;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.Late;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Command;
import org.vatwright.desktop.frame.Commands;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.recipe.FamilySheet;
import org.vatwright.desktop.recipe.FreshLayer;
import org.vatwright.desktop.recipe.RecipeList;
import org.vatwright.desktop.studio.ChosenInk;
import org.vatwright.desktop.studio.Studio;

/**
 * The column of Build: the design and its inks, its repeat, its recipe; below them one thing at a time: a chapter of the
 * open layer, the sheet a layer is added from, or nothing while an ink or the repeat is open in its own place.
 */
final class BuildColumn extends VBox {

    private enum Open {
        CHAPTER, REPEAT, SHEET
    }

    private final Studio studio;
    private final PaletteStrip palette;
    private final RepeatLine repeat;
    private final RecipeList recipe;
    private final FamilySheet sheet;
    private final LayerChapters chapters;
    private Open open = Open.CHAPTER;
    private ChosenInk ink = ChosenInk.NONE;
    private Id design = Id.NONE;

    /** @param seen told the chapter that is seen, as "family/chapter"; empty for none */
    BuildColumn(Studio studio, Desk desk, Consumer<String> seen) {
        super(10);
        this.studio = studio;
        palette = new PaletteStrip(studio, desk::askPicture, desk::readFill, desk.takings()::again);
        repeat = new RepeatLine(studio, () -> open(open == Open.REPEAT ? Open.CHAPTER : Open.REPEAT));
        recipe = new RecipeList(studio, this::addLayer);
        sheet = new FamilySheet(studio, this::add, () -> desk.motifs().read(), desk::readCover, desk::readMotifPicture,
                () -> open(Open.CHAPTER));
        chapters = new LayerChapters(studio, () -> open(Open.CHAPTER), seen);
        getChildren().addAll(palette, repeat, recipe, new Late(sheet), chapters);
    }

    /** Opens the sheet a layer is added from, or closes it. */
    void addLayer() {
        open(open == Open.SHEET ? Open.CHAPTER : Open.SHEET);
        if (open == Open.SHEET) {
            sheet.begin();
        }
    }

    private void open(Open next) {
        open = next;
        if (studio.selection().ink() != ChosenInk.NONE) {
            studio.select(s -> s.withInk(ChosenInk.NONE));
        }
        studio.design().ifPresent(d -> show(d, studio.colourway(d)));
    }

    private void add(Catalogue.Family family) {
        studio.design().ifPresent(d -> {
            int id = d.freeId();
            if (studio.editDesign("add " + family.title().toLowerCase(Locale.ROOT), x -> FreshLayer.on(x, family))) {
                studio.select(s -> s.withLayer(id));
            }
        });
    }

    /** @return all that can be done in it, also in what is closed */
    List<Command> commands() {
        return studio.design().stream().flatMap(d -> {
            Colourway colourway = studio.colourway(d);
            return Stream.of(Commands.of(palette, recipe), sheet.commands(),
                    repeat.commands(d, () -> {
                        if (open != Open.REPEAT) {
                            open(Open.REPEAT);
                        }
                    }), chapters.commands(d, colourway)).flatMap(List::stream);
        }).toList();
    }

    List<Runnable> furnishing(List<Design> designs) {
        return Stream.of(palette.furnishing(designs), recipe.furnishing(designs)).flatMap(List::stream).toList();
    }

    void show(Design now, Colourway colourway) {
        boolean other = !now.id().equals(design);
        design = now.id();
        if (other && open == Open.SHEET || !studio.selection().ink().equals(ink)) {
            open = Open.CHAPTER;
        }
        ink = studio.selection().ink();
        boolean empty = now.layers().isEmpty();
        boolean inkOpen = ink != ChosenInk.NONE;
        palette.show(now, colourway);
        repeat.show(now, open == Open.REPEAT);
        recipe.show(now, colourway);
        boolean sheeted = !inkOpen && (open == Open.SHEET || empty && open == Open.CHAPTER);
        Ui.show(sheet, sheeted);
        if (sheeted) {
            sheet.show(now, colourway);
        }
        chapters.show(now, colourway, open == Open.CHAPTER && !inkOpen);
    }
}
