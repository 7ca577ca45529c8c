package org.vatwright.desktop.dress;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Finishes;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.shape.Outline;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.effect.EffectTarget;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

/** The effects of the chosen pieces, or of the whole article when none are chosen. Its inks are those that are worn, ink and paper. */
record WornEffects(Studio studio) implements EffectTarget {

    private static final Id ONE = new Id("one");
    private static final String WORN = "worn";

    private record Key(Id article, Set<Id> pieces) {}

    private Set<Id> chosen() {
        return studio.selection().pieces();
    }

    private Optional<Article> article() {
        return studio.article();
    }

    private List<Effect> effects(Article article) {
        return chosen().isEmpty()
                ? article.dressings().whole().effects()
                : chosen().stream().findFirst().map(article::dressing).map(Dressing::effects).orElse(List.of());
    }

    @Override
    public Optional<Seen> seen() {
        return article().map(a -> {
            List<Rgb> inks = inks(a);
            Colourway colourway = new Colourway(WORN, inks);
            Rectangle2D box = box(a);
            Design design = new Design(WORN, new Repeat(Math.max(1, box.getWidth()), Math.max(1, box.getHeight()),
                    Arrangement.STRAIGHT), Ink.CLEAR, List.of(),
                    new Palette(inks.stream().map(Rgb::hex).toList(),
                            List.of(colourway)),
                    Guides.NONE);
            return new Seen(new Key(a.id(), chosen()), effects(a), design, colourway, Set.of());
        });
    }

    /** Dark first and light last, as they are chosen from. */
    private List<Rgb> inks(Article article) {
        List<Rgb> all = new ArrayList<>(List.of(InkPick.INK));
        lay(article).flatMap(l -> studio.project().design(l.design()).map(d -> d.palette().orFirst(l.colourway())))
                .ifPresent(c -> all.addAll(c.colours()));
        effects(article).stream().flatMap(e -> e.inks().stream()).flatMap(i -> Finishes.colour(i).stream())
                .forEach(all::add);
        all.removeIf(InkPick.PAPER::equals);
        all.add(InkPick.PAPER);
        return all.stream().distinct().toList();
    }

    private Rectangle2D box(Article article) {
        Cut cut = studio.cut(article);
        return cut.pieces().stream().filter(p -> chosen().isEmpty() || chosen().contains(p.id()))
                .map(p -> p.outline().bounds()).reduce(Rectangle2D::createUnion)
                .orElseGet(() -> new Rectangle2D.Double(0, 0, cut.widthMm(), cut.heightMm()));
    }

    /** @return what the first of the chosen pieces wears, or the first that wears anything */
    private Optional<Lay> lay(Article article) {
        List<Id> all = chosen().isEmpty() ? studio.cut(article).ids() : List.copyOf(chosen());
        return all.stream().flatMap(p -> article.dressing(p).lay().stream()).findFirst();
    }

    @Override
    public void edit(String name, UnaryOperator<List<Effect>> change) {
        if (chosen().isEmpty()) {
            DressEdits.whole(studio, name, w -> w.withEffects(change.apply(w.effects())));
        } else {
            DressEdits.dressings(studio, name, d -> d.withEffects(change.apply(d.effects())));
        }
    }

    /** A corner of the cloth that is worn, lying on paper. */
    @Override
    public void draw(ClothImage picture, Effect effect, double side) {
        Article article = article().orElseThrow();
        Rectangle2D box = box(article);
        double mm = Math.max(4, 0.3 * Math.min(box.getWidth(), box.getHeight()));
        Outline corner = Outline.of(new Rectangle2D.Double(0.25 * mm, 0.25 * mm, mm, mm));
        Lay lay = lay(article).map(l -> l.withFade(Optional.empty())).orElse(null);
        Piece piece = new Piece(ONE, WORN, corner, Optional.empty()).withFill(lay == null
                ? Optional.of(InkPick.INK)
                : Optional.empty());
        Dressing worn = (lay == null ? Dressing.BARE : Dressing.of(lay)).withEffects(List.of(effect));
        Article small = new Article.Flat(ONE, WORN, mm, mm, List.of(piece), List.of(),
                new Dressings(Map.of(ONE, worn)));
        Scenes.Dressed dressed = new Scenes.Dressed(studio.project(), studio.cut(small), Optional.empty(), side / mm);
        picture.draw(dressed, dressed.subject(studio.tiles()), side, side);
    }
}
