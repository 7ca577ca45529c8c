package org.vatwright.core.brush;

import java.util.AbstractList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.RandomAccess;
import java.util.Set;

import org.vatwright.core.pattern.Ink;

/** The strokes of a painting in their order, never changed. Their inks, asked for with every picture, are found once. */
public final class Strokes extends AbstractList<BrushStroke> implements RandomAccess {

    private final BrushStroke[] all;
    /** The same whichever thread finds them. */
    private volatile List<Ink> inks;
    private int hash;

    private Strokes(Collection<BrushStroke> strokes) {
        all = strokes.toArray(BrushStroke[]::new);
        for (BrushStroke each : all) {
            Objects.requireNonNull(each);
        }
    }

    /** @return the very same when it is of this kind already */
    public static Strokes of(List<BrushStroke> strokes) {
        return strokes instanceof Strokes same ? same : new Strokes(strokes);
    }

    /** @return what they are painted with, each ink once, in the order in which they come */
    public List<Ink> inks() {
        List<Ink> found = inks;
        if (found == null) {
            Set<Ink> each = new LinkedHashSet<>();
            for (BrushStroke stroke : all) {
                if (!stroke.erases()) {
                    each.add(stroke.ink());
                    stroke.other().ifPresent(each::add);
                }
            }
            found = List.copyOf(each);
            inks = found;
        }
        return found;
    }

    @Override
    public BrushStroke get(int index) {
        return all[index];
    }

    @Override
    public int size() {
        return all.length;
    }

    /** Mostly all but the last are the very same objects. */
    @Override
    public boolean equals(Object other) {
        if (this == other) {
            return true;
        }
        if (!(other instanceof Strokes its)) {
            return super.equals(other);
        }
        if (its.all.length != all.length) {
            return false;
        }
        // From the end: where two paintings differ it is mostly there.
        for (int i = all.length - 1; i >= 0; i--) {
            if (all[i] != its.all[i] && !all[i].equals(its.all[i])) {
                return false;
            }
        }
        return true;
    }

    @Override
    public int hashCode() {
        if (hash == 0) {
            hash = super.hashCode();
        }
        return hash;
    }
}
