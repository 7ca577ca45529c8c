package org.vatwright.core.dress;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.vatwright.core.measure.Id;

/**
 * What the pieces of an article wear, by their ids, whatever kind of article it is.
 *
 * @param byPiece none of a bare piece
 * @param whole what all of it wears
 */
public record Dressings(Map<Id, Dressing> byPiece, Whole whole) {

    public static final Dressings NONE = new Dressings(Map.of());

    public Dressings {
        Map<Id, Dressing> worn = new TreeMap<>(byPiece);
        worn.values().removeIf(Dressing.BARE::equals);
        byPiece = Map.copyOf(worn);
    }

    /** Nothing as a whole. */
    public Dressings(Map<Id, Dressing> byPiece) {
        this(byPiece, Whole.PLAIN);
    }

    public Dressings withWhole(UnaryOperator<Whole> change) {
        return new Dressings(byPiece, change.apply(whole));
    }

    /** @return with all pieces bare */
    Dressings bare() {
        return new Dressings(Map.of(), whole);
    }

    /** @return every design that is seen in it, as often as it is */
    public Stream<Id> designs() {
        return Stream.concat(Stream.concat(whole.ground().design().stream(), whole.figures().map(Print::design)),
                byPiece.values().stream().flatMap(d -> Stream
                        .concat(d.lay().map(Lay::design).stream(), d.prints().stream().map(Print::design))));
    }

    /** All that piece wears. */
    public static Dressings of(Id piece, Optional<Lay> lay) {
        return NONE.with(piece, lay);
    }

    public Dressing of(Id piece) {
        return byPiece.getOrDefault(piece, Dressing.BARE);
    }

    public Dressings with(Id piece, Optional<Lay> lay) {
        return with(piece, of(piece).withLay(lay));
    }

    public Dressings with(Id piece, Dressing dressing) {
        Map<Id, Dressing> changed = new TreeMap<>(byPiece);
        changed.put(piece, dressing);
        return new Dressings(changed, whole);
    }

    /** @return with every lay changed */
    public Dressings each(UnaryOperator<Lay> change) {
        return eachDressing(d -> d.withLay(d.lay().map(change))).withWhole(w -> w.each(change));
    }

    /** @return with all that every piece wears changed */
    public Dressings eachDressing(UnaryOperator<Dressing> change) {
        return new Dressings(byPiece.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> change.apply(e.getValue()))), whole);
    }
}
