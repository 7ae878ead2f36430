package app.logismos.evaluate;

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

/**
 * Runs a calculation on a thread of its own, with a stack deep enough for the longest entry, and answers in time whatever
 * the calculation does.
 *
 * <p>Work stops itself when it asks its {@link Budget}. A single operation on very long numbers does not ask; the caller
 * has its answer all the same, and the thread ends with that operation, whose size the limits on numbers bound.
 */
public final class Bounded {
    /** Reserved, not used: 8,192 nested signs take some of it. */
    private static final long STACK_BYTES = 512L << 20;

    /** Time for the work to notice by itself that its own is up. */
    private static final long GRACE_MILLIS = 100;

    /** Threads wait for more work for a minute; one that is held up by endless work is not waited for. */
    private static final ExecutorService THREADS = Executors.newCachedThreadPool(DeepThread::new);

    private Bounded() {}

    /**
     * The outcome of the work, or what {@code otherwise} makes of the failure that ended it.
     *
     * @throws IllegalStateException where the work threw something it should not have
     */
    public static <T> T run(Limits limits, Function<Budget, T> work, Function<Failure, T> otherwise) {
        Budget budget = Budget.of(limits);
        CompletableFuture<T> outcome = start(budget, work);
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
            return start(Budget.of(Limits.USUAL), budget -> work.get()).join();
        } catch (CompletionException thrown) {
            if (thrown.getCause() instanceof RuntimeException refusal) {
                throw refusal;
            }
            throw thrown;
        }
    }

    private static <T> CompletableFuture<T> start(Budget budget, Function<Budget, T> work) {
        CompletableFuture<T> outcome = new CompletableFuture<>();
        THREADS.execute(() -> {
            try {
                outcome.complete(work.apply(budget));
            } catch (Throwable thrown) { // the outermost edge of the thread: whatever it is goes to the caller
                outcome.completeExceptionally(thrown);
            }
        });
        return outcome;
    }

    /** A thread whose stack is deep enough. */
    private static final class DeepThread extends Thread {
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
