package org.vatwright.desktop.control;

import javafx.css.PseudoClass;

/** States that the style sheet knows. */
public final class Styles {

    public static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    public static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    public static final PseudoClass CLOSES = PseudoClass.getPseudoClass("closes");

    private Styles() {}
}
