package org.vatwright.desktop.control;

import javafx.css.PseudoClass;

/** States that the style sheet knows. */
public final class Styles {

    public static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    public static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    /** Chosen together with another that is open. */
    public static final PseudoClass ALSO = PseudoClass.getPseudoClass("also");
    /** What is dragged would come to lie above, or below. */
    public static final PseudoClass DROP_ABOVE = PseudoClass.getPseudoClass("drop-above");
    public static final PseudoClass DROP_BELOW = PseudoClass.getPseudoClass("drop-below");
    public static final PseudoClass CLOSES = PseudoClass.getPseudoClass("closes");

    /** Of two that stand on one line the only one there is now. */
    public static final PseudoClass ALONE = PseudoClass.getPseudoClass("alone");

    private Styles() {}
}
