package org.vatwright.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.desktop.OnToolkit;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.WindowFirst;

import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

@Timeout(60)
class ChapterLineTest {

    /** Work beside the window waits at most so long. */
    private static final long IN_TIME_NANOS = TimeUnit.MILLISECONDS.toNanos(50);

    private static ChapterLine line(List<String> opened) {
        ChapterLine line = new ChapterLine(opened::add);
        line.show(List.of(new ChapterLine.Name("bands", "Bands"), new ChapterLine.Name("angle", "Angle"),
                new ChapterLine.Name("surface", "Surface")), "bands");
        return line;
    }

    private static Button button(ChapterLine line, int at) {
        return (Button) line.getChildren().get(at);
    }

    private static void press(Button button, KeyCode key) {
        button.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
    }

    @Test
    void chaptersAreOpenedByClicksAndArrowKeys() throws Exception {
        List<String> opened = new ArrayList<>();
        OnToolkit.run(() -> {
            ChapterLine line = line(opened);
            button(line, 1).fire();
            press(button(line, 1), KeyCode.RIGHT);
            press(button(line, 2), KeyCode.RIGHT);
            press(button(line, 1), KeyCode.LEFT);
            press(button(line, 0), KeyCode.LEFT);
            return null;
        });

        assertThat(opened).containsExactly("angle", "surface", "bands");
    }

    @Test
    void workBesideTheWindowWaitsUntilTheChapterStands() throws Exception {
        BlockingQueue<String> told = new LinkedBlockingQueue<>();
        Aside<String> aside = new Aside<>(Runnable::run, told::add);
        long took = OnToolkit.run(() -> {
            ChapterLine line = line(new ArrayList<>());
            long begun = System.nanoTime();
            button(line, 1).fire();
            aside.ask("what", work -> "answer");
            // Time enough for what would not wait.
            Thread.sleep(15);
            told.add("stands");
            WindowFirst.stands();
            return System.nanoTime() - begun;
        });

        List<String> both = List.of(told.poll(20, TimeUnit.SECONDS), told.poll(20, TimeUnit.SECONDS));
        assumeTrue(took < IN_TIME_NANOS, "the machine rested");
        assertThat(both).containsExactly("stands", "answer");
    }
}
