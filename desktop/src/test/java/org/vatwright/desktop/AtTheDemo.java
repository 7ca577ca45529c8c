package org.vatwright.desktop;

import java.nio.file.Path;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;

import javafx.scene.input.KeyCode;

/** A hand on a window of its own that shows the demo commission. */
abstract class AtTheDemo {

    @TempDir
    Path folder;
    Hand hand;

    @BeforeEach
    void openTheDemo() throws Exception {
        hand = Hand.onDemo(folder);
    }

    @AfterEach
    void leave() throws Exception {
        hand.close();
    }

    final Design design() {
        return hand.studio().design().orElseThrow();
    }

    /** Undoes by the keys until nothing is left to undo. */
    final Project undoAll() throws Exception {
        while (hand.studio().history().undoName().isPresent()) {
            hand.press(KeyCode.CONTROL, KeyCode.Z);
        }
        return hand.studio().project();
    }
}
