package org.vatwright.desktop.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CancellationException;
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
    private final LiveCloth live = new LiveCloth(Runnable::run, shown::add, () -> {}, false);

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
        // What is loaded for the first time, or held up by the machine, is slow by itself: soon one is not.
        boolean atOnce = false;
        for (int n = 0; n < 20 && !atOnce; n++) {
            live.ask((fineness, work) -> new Raster(9, 1));
            while (!next().trueOne()) {
                // Behind a slow one it comes coarsely first.
            }
            live.ask(slow(90));
            atOnce = next().trueOne();
            if (!atOnce) {
                next();
            }
        }
        assertThat(atOnce).isTrue();
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
        int coarse = 0;
        int wishes = 0;
        // A hand that does not rest sees more than one of them all the same.
        while (coarse < 2 && wishes < 1000) {
            wishes++;
            live.ask(slow(90 * wishes));
            Thread.sleep(5);
            for (LiveCloth.Picture each = shown.poll(); each != null; each = shown.poll()) {
                coarse += each.trueOne() ? 0 : 1;
            }
        }
        assertThat(coarse).as("after %d wishes", wishes).isGreaterThan(1);
        int wide = 90 * (wishes + 1);
        live.ask(slow(wide));
        LiveCloth.Picture last = next();
        while (!(last.trueOne() && last.raster().width() == wide)) {
            last = next();
        }
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
        aside.ask(1, work -> {
            try {
                gate.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return "old";
        });
        aside.ask(2, work -> "new");
        aside.ask(2, work -> "twice");
        gate.countDown();
        assertThat(done.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(taken).containsExactly("new");
    }

    @Test
    void aQuestionThatFailedIsAskedAgainAndOneThatIsOvertakenStops() throws Exception {
        BlockingQueue<String> taken = new LinkedBlockingQueue<>();
        CountDownLatch failed = new CountDownLatch(1);
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch stopped = new CountDownLatch(1);
        Aside<String> aside = new Aside<>(Runnable::run, taken::add);
        Integer value = 1000;
        aside.ask(value, work -> {
            failed.countDown();
            throw new InternalError("the first time");
        });
        assertThat(failed.await(10, TimeUnit.SECONDS)).isTrue();
        String answer = null;
        for (int i = 0; i < 100 && answer == null; i++) {
            aside.ask(value, work -> "the second time");
            answer = taken.poll(100, TimeUnit.MILLISECONDS);
        }
        assertThat(answer).isEqualTo("the second time");

        aside.ask("long", work -> {
            begun.countDown();
            try {
                while (true) {
                    work.goOn();
                    Thread.onSpinWait();
                }
            } finally {
                stopped.countDown();
            }
        });
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        aside.ask("short", work -> "short");
        assertThat(stopped.await(10, TimeUnit.SECONDS)).isTrue();
        assertThat(taken.poll(10, TimeUnit.SECONDS)).isEqualTo("short");
    }

    @Test
    void aPictureThatFailsIsToldAndTheNextOneIsDrawn() throws Exception {
        CountDownLatch told = new CountDownLatch(1);
        BlockingQueue<LiveCloth.Picture> pictures = new LinkedBlockingQueue<>();
        LiveCloth artist = new LiveCloth(Runnable::run, pictures::add, told::countDown, false);
        artist.ask((fineness, work) -> {
            throw new StackOverflowError("of the platform's own geometry");
        });
        assertThat(told.await(10, TimeUnit.SECONDS)).isTrue();
        artist.ask((fineness, work) -> new Raster(7, 7));
        assertThat(pictures.poll(10, TimeUnit.SECONDS).raster().width()).isEqualTo(7);
    }

    @Test
    void whatNobodyCatchesIsToldOnceInOneSentence() {
        List<String> said = new CopyOnWriteArrayList<>();
        Faults faults = new Faults(Runnable::run, m -> said.add(m.text()));
        // Told again is what comes again much later: a machine that stands still in between is such a while.
        for (int n = 0; n < 10 && said.size() != 1; n++) {
            said.clear();
            RuntimeException fault = new IllegalStateException("a\nb");
            fault.setStackTrace(new StackTraceElement[]{new StackTraceElement("Trial", "number" + n, "Trial", n)});
            faults.uncaughtException(Thread.currentThread(), fault);
            faults.uncaughtException(Thread.currentThread(), fault);
        }
        faults.uncaughtException(Thread.currentThread(), new CancellationException("stopped"));
        faults.uncaughtException(Thread.currentThread(), new Refusal("width 0 mm must be above 0"));
        assertThat(said).containsExactly(
                "This should not have happened: java.lang.IllegalStateException: a b; your work is as it was before.",
                "Width 0 mm must be above 0.");
    }

    /** Two others are at long pictures of many strips when the hand asks. */
    @Test
    void whatTheHandIsOnComesBeforeWhatOthersAreAt() throws Exception {
        CountDownLatch begun = new CountDownLatch(2);
        BlockingQueue<LiveCloth.Picture> others = new LinkedBlockingQueue<>();
        BlockingQueue<LiveCloth.Picture> hands = new LinkedBlockingQueue<>();
        List<String> order = new CopyOnWriteArrayList<>();
        for (int i = 0; i < 2; i++) {
            new LiveCloth(Runnable::run, others::add, () -> {}, false).ask((fineness, work) -> {
                begun.countDown();
                for (int strip = 0; strip < 30; strip++) {
                    work.goOn();
                    order.add("other");
                    pause();
                }
                return new Raster(1, 1);
            });
        }
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        LiveCloth near = new LiveCloth(Runnable::run, hands::add, () -> {}, true);
        near.ask((fineness, work) -> {
            order.add("hand");
            for (int strip = 0; strip < 4; strip++) {
                work.goOn();
                pause();
            }
            order.add("hand");
            return new Raster(1, 1);
        });
        assertThat(hands.poll(10, TimeUnit.SECONDS)).isNotNull();
        // the others go on meanwhile: a part of the list that still grows cannot be read
        List<String> sofar = List.copyOf(order);
        int from = sofar.indexOf("hand");
        int to = sofar.lastIndexOf("hand");
        assertThat(sofar.subList(from, to + 1).stream().filter("other"::equals).count())
                .as("strips of the two others while the hand's picture was made: %s", sofar).isLessThanOrEqualTo(4);
        for (int i = 0; i < 2; i++) {
            assertThat(others.poll(10, TimeUnit.SECONDS)).as("they are finished all the same").isNotNull();
        }
    }

    /** Both who draw are busy; small pictures were asked for before a large one. */
    @Test
    void whatIsLookedAtComesBeforeSmallPicturesThatWereAskedForEarlier() throws Exception {
        CountDownLatch begun = new CountDownLatch(2);
        CountDownLatch free = new CountDownLatch(1);
        List<String> order = new CopyOnWriteArrayList<>();
        CountDownLatch all = new CountDownLatch(5);
        for (int i = 0; i < 2; i++) {
            new LiveCloth(Runnable::run, p -> {}, () -> {}, false).ask((fineness, work) -> {
                begun.countDown();
                await(free);
                return new Raster(1, 1);
            });
        }
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        for (String each : List.of("small 1", "small 2", "small 3", "small 4", "large")) {
            new LiveCloth(Runnable::run, p -> {}, () -> {}, false).ask((fineness, work) -> {
                order.add(each);
                pause();
                all.countDown();
                return new Raster(1, 1);
            }, each.startsWith("small"));
        }
        free.countDown();
        assertThat(all.await(10, TimeUnit.SECONDS)).isTrue();
        // Two draw at once: the first small one may be noted beside it, but no other.
        assertThat(order.indexOf("large")).isLessThanOrEqualTo(1);
        assertThat(order).filteredOn(each -> each.startsWith("small")).hasSize(4);
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** What the hand is on needs what another is making, and the hand goes on asking. */
    @Test
    void whoeverIsWaitedForGoesOnAllTheSame() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch made = new CountDownLatch(1);
        new LiveCloth(Runnable::run, p -> {}, () -> {}, false).ask((fineness, work) -> {
            begun.countDown();
            for (int strip = 0; strip < 5; strip++) {
                work.goOn();
            }
            made.countDown();
            return new Raster(1, 1);
        });
        LiveCloth near = new LiveCloth(Runnable::run, shown::add, () -> {}, true);
        LiveCloth.Subject needing = (fineness, work) -> {
            try {
                made.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return new Raster(7, 1);
        };
        near.ask(needing);
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        for (int n = 0; n < 400 && shown.isEmpty(); n++) {
            near.ask(needing);
            Thread.sleep(10);
        }
        assertThat(shown).as("while the hand still asks").isNotEmpty();
    }

    private static void pause() {
        try {
            Thread.sleep(1);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
