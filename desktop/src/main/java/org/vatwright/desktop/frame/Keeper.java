package org.vatwright.desktop.frame;

import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;

import org.vatwright.core.measure.Refusal;
import org.vatwright.desktop.studio.Change;
import org.vatwright.desktop.studio.Faults;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.log.Fault;
import org.vatwright.files.recovery.KeptPlace;
import org.vatwright.files.recovery.KeptWork;
import org.vatwright.files.recovery.LeftBehind;
import org.vatwright.files.recovery.RecoveryStore;

/**
 * Keeps the present work for recovery, beside the window: as soon as an edit is finished and until it is saved. While
 * something is dragged nothing is kept, so that a hand is not slowed.
 */
final class Keeper {

    private final Studio studio;
    private final ProjectPlace standing;
    private final RecoveryStore store;
    private final Executor window;
    private final ExecutorService hand;
    /** What is to be kept of the open project; nothing when all is saved. */
    private AtomicReference<Optional<KeptWork>> wanted = new AtomicReference<>();
    private Optional<KeptWork> asked = Optional.empty();
    private Optional<KeptPlace> next = Optional.empty();
    /** Of the keeping thread. */
    private KeptPlace place;
    private boolean failed;

    /** @param window where it is told that nothing can be kept */
    Keeper(Studio studio, ProjectPlace standing, RecoveryStore store, Executor window) {
        this.studio = studio;
        this.standing = standing;
        this.store = store;
        this.window = window;
        hand = new ThreadPoolExecutor(0, 1, 1, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), task -> {
            Thread thread = new Thread(task, "vatwright-keeper");
            thread.setDaemon(true);
            return thread;
        });
        studio.watch(this::changed);
    }

    private void changed(Change change) {
        if (change.opened()) {
            Optional<KeptPlace> taken = next;
            next = Optional.empty();
            hand.execute(() -> begin(taken));
            // What waits to be kept of the last project must not be mixed up with this one.
            wanted = new AtomicReference<>();
            asked = Optional.empty();
        }
        note();
    }

    /** Looks whether there is something to be kept now. */
    void note() {
        if (studio.dragging()) {
            return;
        }
        Optional<KeptWork> now = studio.history().unsaved()
                ? Optional.of(new KeptWork(studio.history().present(), standing.file(), standing.seen(),
                        studio.selection().design()))
                : Optional.empty();
        boolean same = now.isPresent() == asked.isPresent()
                && (now.isEmpty() || now.get().project() == asked.get().project()
                        && now.get().file().equals(asked.get().file())
                        && now.get().seen().equals(asked.get().seen()));
        if (!same) {
            asked = now;
            AtomicReference<Optional<KeptWork>> waiting = wanted;
            if (waiting.getAndSet(now) == null) {
                hand.execute(() -> keep(waiting.getAndSet(null)));
            }
        }
    }

    /** What was kept of the last project is given up: it was saved, or left on purpose. */
    private void begin(Optional<KeptPlace> taken) {
        KeptPlace last = place;
        place = taken.orElse(null);
        if (last != null) {
            try {
                last.clear();
            } catch (Refusal e) {
                Faults.pass(e);
            } finally {
                last.close();
            }
        }
    }

    private void keep(Optional<KeptWork> work) {
        try {
            if (place == null && work.isPresent()) {
                place = store.begin();
            }
            if (place != null) {
                work.ifPresentOrElse(place::keep, place::clear);
            }
            failed = false;
        } catch (RuntimeException | Error e) {
            // Told once; each edit tries again.
            if (!failed) {
                failed = true;
                String why = Fault.told(e);
                window.execute(() -> studio.say(
                        Message.wrong("Your work cannot be kept for recovery, so save it yourself: " + why + ".")));
            }
        }
    }

    /** Goes on with work that was left behind, keeping it where it is. */
    void takeUp(LeftBehind.Taken taken) {
        next = Optional.of(taken.place());
        standing.at(taken.work().file(), taken.work().seen());
        studio.openUnsaved(taken.work().project());
        studio.project().design(taken.work().design()).ifPresent(d -> studio.select(s -> s.withDesign(d)));
    }

    /** The program is about to end, and nothing is to be kept. */
    void end() {
        try {
            hand.submit(() -> begin(Optional.empty())).get(5, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (ExecutionException | java.util.concurrent.TimeoutException e) {
            System.getLogger(Keeper.class.getName()).log(System.Logger.Level.WARNING, "kept work not given up", e);
        }
    }
}
