package org.vatwright.desktop;

import javafx.application.Application;

/** Starts the window. Not itself an application class, so that it starts from the class path. */
public final class Main {

    private Main() {}

    public static void main(String[] args) {
        Application.launch(VatwrightApp.class, args);
    }
}
