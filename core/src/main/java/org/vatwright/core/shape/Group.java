package org.vatwright.core.shape;

import java.util.List;

import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;

/**
 * Shapes that abut without lying over each other. A pixel that several of them share is their mixture by area, in linear
 * light; what lies below shows only where none of them is.
 *
 * @param rest what fills the tile between them; clear leaves open what lies below
 */
public record Group(List<VectorMark> marks, Ink rest) {

    public Group {
        marks = List.copyOf(marks);
    }

    public Group(List<VectorMark> marks) {
        this(marks, Ink.CLEAR);
    }

    /** @return a shape laid over whatever is there */
    public static Group of(VectorMark mark) {
        return new Group(List.of(mark));
    }
}
