package org.vatwright.desktop.studio;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import java.util.TreeSet;

import org.vatwright.core.dress.Article;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;

/**
 * What the window is about at the moment. Not part of the document and not undone.
 *
 * @param design name; empty when the project has none
 * @param layer number of the open layer, 0 for none
 * @param part number of the chosen band or dot in it, -1 for none
 * @param slot number of the chosen slot of the palette, from {@link #FILLS} of the chosen fill, -1 for none
 * @param worn name of the article shown beside the cell; empty for a field
 * @param pieces numbers of the chosen pieces of the article
 * @param job name of the open job
 */
@RecordBuilder
public record Selection(Stage stage, String design, String colourway, int layer, int part, int slot, String worn,
        String article, Set<Integer> pieces, String job) implements SelectionBuilder.With {

    /** The first part that is a band of a plaid's own weft; those before are bands of its warp. */
    public static final int WEFT = 100_000;

    /** The first part that is a motif which rows, rings, a line or the scatter placed; those before are set by hand. */
    public static final int PLACED = 200_000;

    /** The first slot that is a fill; those before are slots of the palette. */
    public static final int FILLS = 100_000;

    static Selection of(Project project) {
        return new Selection(Stage.BUILD, "", "", 0, -1, -1, "", "", Set.of(), "").in(project);
    }

    /** @return with nothing that the project does not have */
    Selection in(Project project) {
        String d = project.design(design).isPresent()
                ? design
                : project.designs().isEmpty()
                        ? ""
                        : project.designs().getFirst().name();
        String a = project.article(article).isPresent()
                ? article
                : project.articles().isEmpty()
                        ? ""
                        : project.articles().getFirst().name();
        Design found = project.design(d).orElse(null);
        String c = found == null ? "" : found.palette().orFirst(colourway).name();
        int l = found == null || found.layer(layer).isPresent() || found.layers().isEmpty()
                ? layer
                : found.layers().getLast().id();
        String w = project.article(worn).isPresent() ? worn : "";
        String j = project.jobs().stream().anyMatch(x -> x.name().equals(job)) ? job : "";
        int inks = found == null
                ? 0
                : slot >= FILLS ? FILLS + found.fills().size() : found.palette().slots().size();
        int s = slot >= inks ? -1 : slot;
        return new Selection(stage, d, c, l, part, s, w, a, a.equals(article) ? pieces : Set.of(), j);
    }

    /** @return the number of the chosen slot of the palette, -1 for none */
    public int paletteSlot() {
        return slot >= FILLS ? -1 : slot;
    }

    /** @return the number of the chosen fill, -1 for none */
    public int fill() {
        return slot >= FILLS ? slot - FILLS : -1;
    }

    public Selection withDesign(Design other) {
        int top = other.layers().isEmpty() ? 0 : other.layers().getLast().id();
        return with().design(other.name()).colourway(other.palette().orFirst(colourway).name()).layer(top).part(-1)
                .slot(-1).build();
    }

    public Selection withLayer(int other) {
        return with().layer(other).part(-1).build();
    }

    /** A sheet's only piece is chosen at once. */
    public Selection withArticle(Article other) {
        Set<Integer> only = other instanceof Article.Sheet ? Set.of(0) : Set.of();
        return with().article(other.name()).pieces(only).build();
    }

    public Selection withArticleName(String other) {
        return with().worn(worn.equals(article) ? other : worn).article(other).build();
    }

    public Selection withPieces(Set<Integer> other) {
        return with().pieces(Set.copyOf(new TreeSet<>(other))).build();
    }
}
