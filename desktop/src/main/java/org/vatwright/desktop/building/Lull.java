package org.vatwright.desktop.building;

import javafx.animation.PauseTransition;
import javafx.util.Duration;

/** What stands beside the cloth is brought up to date a few times a second while a hand pulls, else at once. */
final class Lull {

    private static final double MILLIS = 120;

    private final PauseTransition pause = new PauseTransition(Duration.millis(MILLIS));
    private Runnable latest;

    Lull() {
        pause.setOnFinished(e -> now());
    }

    /** @param pulling whether a hand pulls; then only the latest is done, a little later */
    void tell(Runnable what, boolean pulling) {
        latest = what;
        if (!pulling) {
            pause.stop();
            now();
        } else if (pause.getStatus() != PauseTransition.Status.RUNNING) {
            pause.playFromStart();
        }
    }

    private void now() {
        Runnable what = latest;
        latest = null;
        if (what != null) {
            what.run();
        }
    }
}
