package org.vatwright.desktop.studio;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import java.util.TreeSet;

import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Project;

/**
 * What the window is about at the moment. Not part of the document and not undone.
 *
 * @param design none when the project has none
 * @param layer number of the open layer, 0 for none
 * @param part number of the chosen band or dot in it, -1 for none
 * @param slot number of the chosen slot of the palette, from {@link #FILLS} of the chosen fill, -1 for none
 * @param worn the article shown beside the cell; none for a field
 * @param pieces the chosen pieces of the article
 * @param job the open job
 */
@RecordBuilder
public record Selection(Stage stage, Id design, String colourway, int layer, int part, int slot, Id worn, Id article,
        Set<Id> pieces, Id job) implements SelectionBuilder.With {

    /** The first part that is a band of a plaid's own weft; those before are bands of its warp. */
    public static final int WEFT = 100_000;

    /** The first part that is a motif which rows, rings, a line or the scatter placed; those before are set by hand. */
    public static final int PLACED = 200_000;

    /** The first slot that is a fill; those before are slots of the palette. */
    public static final int FILLS = 100_000;

    static Selection of(Project project) {
        return new Selection(Stage.BUILD, Id.NONE, "", 0, -1, -1, Id.NONE, Id.NONE, Set.of(), Id.NONE).in(project);
    }

    /** @return with nothing that the project does not have */
    Selection in(Project project) {
        Design found = project.design(design).or(() -> project.designs().stream().findFirst()).orElse(null);
        Id a = project.article(article).or(() -> project.articles().stream().findFirst()).map(Article::id)
                .orElse(Id.NONE);
        String c = found == null ? "" : found.palette().orFirst(colourway).name();
        int l = found == null || found.layer(layer).isPresent() || found.layers().isEmpty()
                ? layer
                : found.layers().getLast().id();
        int inks = found == null
                ? 0
                : slot >= FILLS ? FILLS + found.fills().size() : found.palette().slots().size();
        return with().design(found == null ? Id.NONE : found.id()).colourway(c).layer(l).slot(slot >= inks ? -1 : slot)
                .worn(project.article(worn).map(Article::id).orElse(Id.NONE)).article(a)
                .pieces(a.equals(article) ? pieces : Set.of())
                .job(project.job(job).map(Job::id).orElse(Id.NONE)).build();
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
        return with().design(other.id()).colourway(other.palette().orFirst(colourway).name()).layer(top).part(-1)
                .slot(-1).build();
    }

    public Selection withLayer(int other) {
        return with().layer(other).part(-1).build();
    }

    /** A sheet's only piece is chosen at once. */
    public Selection withArticle(Article other) {
        Set<Id> only = other instanceof Article.Sheet ? Set.of(Article.Sheet.PIECE) : Set.of();
        return with().article(other.id()).pieces(only).build();
    }

    public Selection withPieces(Set<Id> other) {
        return with().pieces(Set.copyOf(new TreeSet<>(other))).build();
    }
}
