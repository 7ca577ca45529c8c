package org.vatwright.desktop.studio;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

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
 * @param also numbers of further chosen layers
 * @param worn the article shown beside the cell; none for a field
 * @param pieces the chosen pieces of the article
 * @param job the open job
 */
@RecordBuilder
public record Selection(Stage stage, Id design, String colourway, int layer, Set<Integer> also, ChosenPart part,
        ChosenInk ink, Id worn,
        Id article,
        Set<Id> pieces, Id job) implements SelectionBuilder.With {

    static Selection of(Project project) {
        return new Selection(Stage.BUILD, Id.NONE, "", 0, Set.of(), ChosenPart.NONE, ChosenInk.NONE, Id.NONE, Id.NONE,
                Set.of(),
                Id.NONE).in(project);
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
        Set<Integer> more = also.stream().filter(n -> n != l && found != null && found.layer(n).isPresent())
                .collect(Collectors.toUnmodifiableSet());
        boolean there = found != null && switch (ink) {
            case ChosenInk.None _ -> true;
            case ChosenInk.Slot(int place) -> place < found.palette().slots().size();
            case ChosenInk.Fill(int place) -> place < found.fills().size();
        };
        return with().design(found == null ? Id.NONE : found.id()).colourway(c).layer(l).also(more)
                .ink(there ? ink : ChosenInk.NONE)
                .worn(project.article(worn).map(Article::id).orElse(Id.NONE)).article(a)
                .pieces(a.equals(article) ? pieces : Set.of())
                .job(project.job(job).map(Job::id).orElse(Id.NONE)).build();
    }

    /** @return the place of the chosen slot in the palette, -1 for none */
    public int slot() {
        return ink instanceof ChosenInk.Slot(int place) ? place : -1;
    }

    /** @return the place of the chosen fill among those of the design, -1 for none */
    public int fill() {
        return ink instanceof ChosenInk.Fill(int place) ? place : -1;
    }

    /** @return the place of the chosen band, dot, block, line, point or motif set by hand, -1 for none */
    public int own() {
        return part instanceof ChosenPart.Own(int place) ? place : -1;
    }

    /** @return the place of the chosen motif among those that were not set by hand, -1 for none */
    public int placed() {
        return part instanceof ChosenPart.Placed(int place) ? place : -1;
    }

    /** @return the places of the chosen strokes of a painting */
    public Set<Integer> strokes() {
        return part instanceof ChosenPart.Strokes(Set<Integer> places) ? places : Set.of();
    }

    public Selection withStrokes(Set<Integer> places) {
        return withPart(places.isEmpty() ? ChosenPart.NONE : new ChosenPart.Strokes(places));
    }

    public Selection withDesign(Design other) {
        int top = other.layers().isEmpty() ? 0 : other.layers().getLast().id();
        return with().design(other.id()).colourway(other.palette().orFirst(colourway).name()).layer(top).also(Set.of())
                .part(ChosenPart.NONE)
                .ink(ChosenInk.NONE).build();
    }

    public Selection withLayer(int other) {
        return with().layer(other).also(Set.of()).part(ChosenPart.NONE).build();
    }

    /** @param open the one of them that is open */
    public Selection withLayers(Set<Integer> chosen, int open) {
        return with().layer(open).also(Set.copyOf(chosen)).part(open == layer ? part : ChosenPart.NONE).build();
    }

    /** @return the numbers of all chosen layers */
    public Set<Integer> layers() {
        Set<Integer> all = new TreeSet<>(also);
        if (layer > 0) {
            all.add(layer);
        }
        return all;
    }

    /** @param place below zero: none is chosen */
    public Selection withOwn(int place) {
        return withPart(place < 0 ? ChosenPart.NONE : new ChosenPart.Own(place));
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
