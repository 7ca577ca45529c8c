package org.vatwright.core.project;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Stream;

import org.vatwright.core.colour.Palette;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;

/**
 * One design in place of whatever cloth is worn. How each lies stays, as do drapes, figures and all else.
 *
 * @param to the design that is worn then
 * @param colourway in which all of it is; each in the one of the name it has now when there is none, or else in the first
 */
public record Wear(Design to, Optional<String> colourway) {

    private Lay on(Lay lay) {
        Palette palette = to.palette();
        String then = colourway.flatMap(palette::find).or(() -> palette.find(lay.colourway())).orElse(palette.first())
                .name();
        return lay.withDesign(to.id(), then);
    }

    /** @return the article with every cloth that it wears changed; bare pieces stay bare */
    public Article on(Article article) {
        return article.withDressings(article.dressings().each(this::on));
    }

    /** @return the same on some of its pieces */
    public Article on(Article article, Set<Id> pieces) {
        Article changed = article;
        for (Id piece : pieces) {
            Optional<Lay> then = article.dressing(piece).lay().map(this::on);
            changed = changed.withDressings(changed.dressings().with(piece, then));
        }
        return changed;
    }

    public Project everywhere(Project project) {
        return project.withArticles(project.articles().stream().map(this::on).toList());
    }

    private Stream<Lay> changed(Article article) {
        return article.dressings().byPiece().values().stream().flatMap(d -> d.lay().stream())
                .filter(l -> !on(l).equals(l));
    }

    /** @return on how many pieces it changes something */
    public int count(Article article) {
        return (int) changed(article).count();
    }

    /** @return the colourways that are worn under another name then, in words, as "Night becomes Day" */
    public List<String> told(List<Article> articles, Function<Id, Optional<Design>> designs) {
        Set<String> told = new TreeSet<>();
        for (Article article : articles) {
            changed(article).filter(l -> colourway.isEmpty() && designs.apply(l.design()).isPresent()
                    && !on(l).colourway().equals(l.colourway()))
                    .forEach(l -> told.add("%s becomes %s".formatted(l.colourway(), on(l).colourway())));
        }
        return List.copyOf(told);
    }
}
