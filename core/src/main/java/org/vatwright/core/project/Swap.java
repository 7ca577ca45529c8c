package org.vatwright.core.project;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Ground;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Print;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Design;

/**
 * Another design in place of one that is worn. How it lies stays: scale, grain, start and all else of a lay.
 *
 * @param from the design that is worn
 * @param to the one in its place
 */
public record Swap(Design from, Design to) {

    public Swap {
        Require.that(!from.id().equals(to.id()),
                "%s is worn already; another design would be right".formatted(to.name()));
    }

    /** @return the colourway of the same name, where it has one; else its first */
    private String colourway(String worn) {
        Palette palette = to.palette();
        return palette.find(worn).orElse(palette.first()).name();
    }

    private boolean concerns(Lay lay) {
        return lay.design().equals(from.id());
    }

    /** A motif stays what it is; a whole design that is laid once is swapped like any other cloth. */
    private boolean concerns(Print print) {
        return print.motif() == 0 && print.design().equals(from.id());
    }

    /** @return the article with every lay of the one design in the other */
    public Article on(Article article) {
        return article.withDressings(article.dressings().eachDressing(d -> d.with()
                .lay(d.lay().map(l -> concerns(l) ? l.withDesign(to.id(), colourway(l.colourway())) : l))
                .prints(d.prints().stream().map(p -> concerns(p)
                        ? p.with().design(to.id()).colourway(colourway(p.colourway())).build()
                        : p).toList())
                .build()).withWhole(all -> all.eachFigure(
                        p -> concerns(p)
                                ? p.with().design(to.id()).colourway(colourway(p.colourway())).build()
                                : p))
                .withWhole(w -> w.ground() instanceof Ground.OfDesign(Lay l) && concerns(l)
                        ? w.withGround(new Ground.OfDesign(l.withDesign(to.id(), colourway(l.colourway()))))
                        : w));
    }

    /** @return on how many pieces of the article it changes something */
    public int count(Article article) {
        return (int) article.dressings().byPiece().values().stream()
                .filter(d -> d.lay().filter(this::concerns).isPresent() || d.prints().stream().anyMatch(this::concerns))
                .count();
    }

    /** @return the articles that change, in their order */
    public List<Article> touched(Project project) {
        return project.articles().stream().filter(a -> !on(a).equals(a)).toList();
    }

    /** @return the project with all its articles in the other design; nothing else changes */
    public Project everywhere(Project project) {
        return project.withArticles(project.articles().stream().map(this::on).toList());
    }

    /** @return the colourway in which a piece that wears the one will be, when it is called otherwise than now */
    public Optional<String> otherColourway(String worn) {
        return Optional.of(colourway(worn)).filter(c -> !c.equals(worn));
    }
}
