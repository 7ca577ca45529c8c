package org.vatwright.core.tooth;

import java.util.Locale;

/** Where to begin, by the cloth or the stuff it is to look like. */
public enum ToothStart {
    /** Long soft hairs, lying one way. */
    WOOL(new ToothForm(ToothKind.FIBRE, 5, 0.4, 20, 0.15, 1, 0, 0)),
    /** Short hairs every way. */
    FELT(new ToothForm(ToothKind.FELT, 2.4, 0.5, 0, 0.1, 1, 0, 0)),
    /** Uneven places of the yarn. */
    COTTON(new ToothForm(ToothKind.SLUB, 12, 0.3, 0, 0.2, 1, 0, 0)),
    /** Laid pulp. */
    PAPER(new ToothForm(ToothKind.PAPER, 3, 0.5, 0, 0, 1, 0, 0)),
    /** Sand on a wall. */
    GRIT(new ToothForm(ToothKind.FINE, 0.5, 0.35, 0, 0.7, 1, 0, 0)),
    /** Warp that shows through, worn upright. */
    DENIM(new ToothForm(ToothKind.SLUB, 8, 0.45, 90, 0.3, 1, 0, 0));

    private final ToothForm form;

    ToothStart(ToothForm form) {
        this.form = form;
    }

    public ToothForm form() {
        return form;
    }

    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }
}
