package org.vatwright.desktop.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

import org.junit.jupiter.api.Test;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;

class LiveClothTest {

    private final BlockingQueue<LiveCloth.Picture> shown = new LinkedBlockingQueue<>();
    private final LiveCloth live = new LiveCloth(Runnable::run, shown::add);

    private LiveCloth.Picture next() throws InterruptedException {
        LiveCloth.Picture picture = shown.poll(10, TimeUnit.SECONDS);
        assertThat(picture).isNotNull();
        return picture;
    }

    /** Draws a picture as wide as its fineness says, as slowly as a large cloth. */
    private static LiveCloth.Subject slow(int width) {
        return (fineness, work) -> {
            try {
                Thread.sleep(fineness < 1 ? 2 : 80);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            work.goOn();
            return new Raster((int) (width * fineness), 1);
        };
    }

    @Test
    void aSlowClothIsShownCoarselyFirstAndAQuickOneAtOnce() throws Exception {
        live.ask((fineness, work) -> new Raster(9, 1));
        assertThat(next().trueOne()).isTrue();
        live.ask(slow(90));
        assertThat(next().trueOne()).isTrue();
        live.ask(slow(90));
        LiveCloth.Picture first = next();
        assertThat(first.trueOne()).isFalse();
        assertThat(first.raster().width()).isEqualTo(30);
        LiveCloth.Picture then = next();
        assertThat(then.trueOne()).isTrue();
        assertThat(then.raster().width()).isEqualTo(90);
    }

    @Test
    void theLastWishWinsAndEveryFirstPictureIsShown() throws Exception {
        live.ask(slow(30));
        next();
        for (int i = 1; i <= 20; i++) {
            live.ask(slow(90 * i));
            Thread.sleep(5);
        }
        LiveCloth.Picture last = next();
        int coarse = 0;
        while (!(last.trueOne() && last.raster().width() == 1800)) {
            coarse += last.trueOne() ? 0 : 1;
            last = next();
        }
        assertThat(coarse).isGreaterThan(1);
        assertThat(shown).isEmpty();
    }

    @Test
    void whatCannotBeDrawnDoesNotEndTheDrawing() throws Exception {
        live.ask((fineness, work) -> {
            throw new Refusal("too large");
        });
        live.ask((fineness, work) -> new Raster(3, 1));
        assertThat(next().raster().width()).isEqualTo(3);
    }

    @Test
    void workAsideIsDoneOnceForAValueAndTheLatestCounts() throws Exception {
        List<String> taken = new CopyOnWriteArrayList<>();
        CountDownLatch gate = new CountDownLatch(1);
        CountDownLatch done = new CountDownLatch(1);
        Consumer<String> take = t -> {
            taken.add(t);
            done.countDown();
        };
        Aside<String> aside = new Aside<>(Runnable::run, take);
        aside.ask(1, () -> {
            try {
                gate.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return "old";
        });
        aside.ask(2, () -> "new");
        aside.ask(2, () -> "twice");
        gate.countDown();
        assertThat(done.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(taken).containsExactly("new");
    }
}
