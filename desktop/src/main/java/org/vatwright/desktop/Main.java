package org.vatwright.desktop;

import java.util.logging.Level;
import java.util.logging.Logger;

import org.vatwright.files.disk.UserFolder;
import org.vatwright.files.log.Log;

import javafx.application.Application;

/** Starts the window. Not itself an application class, so that it starts from the class path. */
public final class Main {

    /** Held, or its level would be forgotten. The toolkit warns of the class path at every start. */
    private static final Logger TOOLKIT = Logger.getLogger("javafx");

    private Main() {}

    public static void main(String[] args) {
        Log.start(UserFolder.standard().log());
        TOOLKIT.setLevel(Level.SEVERE);
        // Shapes and letters are worked out without a second window system beside the toolkit's.
        System.setProperty("java.awt.headless", "true");
        Application.launch(VatwrightApp.class, args);
    }
}
