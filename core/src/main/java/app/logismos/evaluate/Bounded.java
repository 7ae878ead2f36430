package app.logismos.evaluate;

import app.logismos.number.Cancellable;
import app.logismos.value.Failure;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Runs a calculation on a thread of its own, with a stack deep enough for the longest entry, and answers in time whatever
 * the calculation does.
 *
 * <p>Work stops itself when it asks its {@link Budget}, and so do operations on long numbers between their parts ({@link
 * Cancellable}). The caller has its answer in time all the same, and the thread ends with the part it is at, which takes
 * some tenths of a second at most.
 */
public final class Bounded {
    /** Address space, of which little is used: 8,192 nested signs take a part of it. */
    private static final long STACK_BYTES = 512L << 20;

    /** Time for the work to notice by itself that its own is up. */
    private static final long GRACE_MILLIS = 100;

    /** Idle threads end after a minute. A thread that is held up by endless work is abandoned. */
    private static final ExecutorService THREADS = Executors.newCachedThreadPool(DeepThread::new);

    private Bounded() {}

    /**
     * The outcome of the work, or what {@code otherwise} makes of the failure that ended it.
     *
     * @throws IllegalStateException where the work threw something it should not have
     */
    public static <T> T run(Limits limits, Function<Budget, T> work, Function<Failure, T> otherwise) {
        Budget budget = Budget.of(limits, Lane.narrow());
        CompletableFuture<T> outcome = start(() -> {
            try {
                return within(budget, () -> work.apply(budget));
            } finally {
                budget.leave();
            }
        });
        try {
            return outcome.get(limits.time().toMillis() + GRACE_MILLIS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException late) {
            budget.stop();
            return otherwise.apply(EvaluationErrors.tookTooLong(limits));
        } catch (InterruptedException interrupted) {
            budget.stop();
            Thread.currentThread().interrupt();
            return otherwise.apply(EvaluationErrors.tookTooLong(limits));
        } catch (ExecutionException thrown) {
            return otherwise.apply(failure(thrown.getCause(), limits));
        }
    }

    /** Runs work that bounds itself cell by cell, for as long as it takes; what it throws comes out as it is. */
    public static <T> T runDeep(Supplier<T> work) {
        if (Thread.currentThread() instanceof DeepThread) {
            return work.get();
        }
        try {
            return start(work).join();
        } catch (CompletionException thrown) {
            if (thrown.getCause() instanceof RuntimeException refusal) {
                throw refusal;
            }
            throw thrown;
        }
    }

    /**
     * Works with a budget that the operations on long numbers below ask as well, whether the work hands it to them or not.
     *
     * @throws Budget.Stopped where it is used up
     */
    public static <T> T within(Budget budget, Supplier<T> work) {
        if (!(Thread.currentThread() instanceof DeepThread thread)) {
            return work.get();
        }
        Budget outer = thread.budget;
        thread.budget = budget;
        try {
            return work.get();
        } finally {
            thread.budget = outer;
        }
    }

    private static <T> CompletableFuture<T> start(Supplier<T> work) {
        CompletableFuture<T> outcome = new CompletableFuture<>();
        THREADS.execute(() -> {
            try {
                outcome.complete(work.get());
            } catch (Throwable thrown) { // the outermost frame of the thread: every failure goes to the caller
                outcome.completeExceptionally(thrown);
            }
        });
        return outcome;
    }

    /** A thread whose stack is deep enough, with the budget of what it is at. */
    private static final class DeepThread extends Thread implements Cancellable {
        /** Asked for each of a million steps. */
        private @Nullable Budget budget;

        @Override
        public void throwIfCancelled() {
            if (budget != null) {
                budget.checkNow();
            }
        }

        @Override
        public void throwIfCancelledBeforeLongStep() {
            if (budget != null) {
                budget.checkBeforeLongStep();
            }
        }

        @Override
        public void throwIfCancelledNowAndThen() {
            if (budget != null) {
                budget.check();
            }
        }

        DeepThread(Runnable work) {
            super(null, work, "calculation", STACK_BYTES);
            setDaemon(true);
        }
    }

    private static Failure failure(Throwable thrown, Limits limits) {
        if (thrown instanceof Budget.Stopped stopped) {
            return stopped.failure(limits);
        }
        if (thrown instanceof OutOfMemoryError || thrown instanceof StackOverflowError) {
            return EvaluationErrors.tooMuchMemory();
        }
        throw new IllegalStateException("a calculation must not throw", thrown);
    }
}
