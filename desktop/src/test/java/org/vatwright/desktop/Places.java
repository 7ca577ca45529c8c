package org.vatwright.desktop;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

import javafx.application.Platform;
import javafx.stage.Stage;

/**
 * Waits until what was added to a window has found its place: where drawing is slow the next layout is long in coming, and
 * whatever is new stands in a corner until then, where a hand would miss it.
 */
final class Places {

    private static final int LOOK_MILLIS = 100;

    private Places() {}

    static void found(Stage stage) throws Exception {
        CountDownLatch laid = new CountDownLatch(1);
        Runnable told = laid::countDown;
        Hand.onFx(() -> {
            stage.getScene().addPostLayoutPulseListener(told);
            Platform.requestNextPulse();
            return null;
        });
        long end = System.currentTimeMillis() + Hand.PATIENCE_MILLIS;
        // What is closed meanwhile is laid out no more.
        while (!laid.await(LOOK_MILLIS, TimeUnit.MILLISECONDS) && Hand.onFx(stage::isShowing)) {
            if (System.currentTimeMillis() > end) {
                throw new AssertionError("waited in vain until all had found its place");
            }
        }
        Hand.onFx(() -> {
            stage.getScene().removePostLayoutPulseListener(told);
            return null;
        });
    }
}
