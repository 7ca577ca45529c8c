package org.vatwright.core.shape;

import java.util.List;

import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;

/**
 * Shapes that abut without lying over each other. A pixel that several of them share is their mixture by area, in linear
 * light; what lies below shows only where none of them is.
 *
 * @param rest what fills the tile between them; clear leaves open what lies below
 * @param seams whether they share sides; other renderers lay shapes over each other, and get something below such sides
 * @param below what other renderers are given to lie below all of them, where a thin seam would not do
 */
public record Group(List<VectorMark> marks, Ink rest, boolean seams, List<VectorMark> below) {

    public Group {
        marks = List.copyOf(marks);
        below = List.copyOf(below);
    }

    public Group(List<VectorMark> marks, Ink rest, boolean seams) {
        this(marks, rest, seams, List.of());
    }

    public Group(List<VectorMark> marks) {
        this(marks, Ink.CLEAR, marks.size() > 1);
    }

    /** @return a shape laid over whatever is there */
    public static Group of(VectorMark mark) {
        return new Group(List.of(mark));
    }
}
