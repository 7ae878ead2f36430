package app.logismos.server.worksheet;

import app.logismos.evaluate.Bounded;
import app.logismos.evaluate.Limits;
import app.logismos.server.calculate.RatesChanged;
import app.logismos.server.web.NotFound;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.ReadWriteLock;
import java.util.concurrent.locks.ReentrantReadWriteLock;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The worksheets in memory with their values. If there are too many, the least recently used are evicted; nothing is
 * lost, since all of a worksheet is in the store.
 */
@Component
class OpenWorksheets {
    /** They have this part of the memory that the program may take. */
    private static final int PART_OF_MEMORY = 4;

    private final Map<String, Place> places = new ConcurrentHashMap<>();
    private final AtomicLong uses = new AtomicLong();
    private final WorksheetStore store;
    private final Limits limits;
    private final int most;
    private final long mostBytes = Runtime.getRuntime().maxMemory() / PART_OF_MEMORY;
    private final ApplicationEventPublisher events;

    OpenWorksheets(
            WorksheetStore store,
            Limits limits,
            @Value("${logismos.open}") int most,
            ApplicationEventPublisher events) {
        this.store = store;
        this.limits = limits;
        this.most = most;
        this.events = events;
    }

    /** A slot for a worksheet, with its lock: one writer or many readers. */
    private static final class Place {
        final ReadWriteLock lock = new ReentrantReadWriteLock();
        /** The number of threads that use it or wait for it; changed only within {@code compute} of the map. */
        int users;
        /** The time of its last use, counted in uses. */
        volatile long used;
        /** Null until it is loaded. */
        volatile @Nullable OpenWorksheet held;
    }

    /** Reads a worksheet while nobody writes it; on a stack that is deep enough for the longest entry. */
    <T> T read(String id, Function<OpenWorksheet, T> reading) {
        return using(id, place -> {
            OpenWorksheet open = lockedForReading(id, place);
            try {
                return Bounded.runDeep(() -> reading.apply(open));
            } finally {
                place.lock.readLock().unlock();
            }
        });
    }

    /** Changes a worksheet while nobody else uses it. */
    <T> T write(String id, Function<OpenWorksheet, T> writing) {
        return write(id, writing, (open, result) -> result);
    }

    /**
     * Changes a worksheet while nobody else uses it, and answers before anybody changes it again.
     *
     * @param answer reads the worksheet as it is after the change; others may read it meanwhile
     */
    <R, T> T write(String id, Function<OpenWorksheet, R> writing, BiFunction<OpenWorksheet, R, T> answer) {
        return using(id, place -> {
            Written<R> written;
            place.lock.writeLock().lock();
            try {
                written = Bounded.runDeep(() -> written(id, place, writing));
                place.lock.readLock().lock();
            } finally {
                place.lock.writeLock().unlock();
            }
            try {
                return Bounded.runDeep(() -> answer.apply(written.open(), written.result()));
            } finally {
                place.lock.readLock().unlock();
            }
        });
    }

    private record Written<R>(OpenWorksheet open, R result) {}

    /** A change that was made on an outdated state is repeated on the stored one. */
    private <R> Written<R> written(String id, Place place, Function<OpenWorksheet, R> writing) {
        try {
            return once(id, place, writing);
        } catch (WorksheetStore.Behind other) {
            return once(id, place, writing);
        }
    }

    private <R> Written<R> once(String id, Place place, Function<OpenWorksheet, R> writing) {
        OpenWorksheet known = place.held;
        if (known != null && known.isBehind) {
            place.held = null;
        }
        OpenWorksheet open = held(id, place);
        return new Written<>(open, writing.apply(open));
    }

    /** The worksheet of a slot that this thread has locked. */
    private OpenWorksheet held(String id, Place place) {
        OpenWorksheet known = place.held;
        OpenWorksheet open = known == null ? Bounded.runDeep(() -> loaded(id)) : known;
        place.held = open;
        return open;
    }

    private OpenWorksheet lockedForReading(String id, Place place) {
        place.lock.readLock().lock();
        OpenWorksheet known = place.held;
        if (known != null) {
            return known;
        }
        place.lock.readLock().unlock();
        place.lock.writeLock().lock();
        try {
            OpenWorksheet open = held(id, place);
            place.lock.readLock().lock();
            return open;
        } finally {
            place.lock.writeLock().unlock();
        }
    }

    private OpenWorksheet loaded(String id) {
        return new OpenWorksheet(
                id, store.load(id).orElseThrow(() -> new NotFound("There is no worksheet " + id + ".")), limits);
    }

    /** Uses a slot, which is not evicted meanwhile. */
    private <T extends @Nullable Object> T using(String id, Function<Place, T> use) {
        Place place = places.compute(id, (key, known) -> {
            Place taken = known == null ? new Place() : known;
            taken.users++;
            return taken;
        });
        try {
            return use.apply(place);
        } finally {
            places.computeIfPresent(id, (key, taken) -> {
                taken.users--;
                taken.used = uses.incrementAndGet();
                return taken.users == 0 && taken.held == null ? null : taken;
            });
            putAway();
        }
    }

    private void putAway() {
        while (places.size() > 1 && isTooMuch()) {
            Optional<String> idle = places.entrySet().stream()
                    .filter(each -> each.getValue().users == 0)
                    .min(Comparator.comparingLong(each -> each.getValue().used))
                    .map(Map.Entry::getKey);
            if (idle.isEmpty()) {
                return;
            }
            places.computeIfPresent(idle.get(), (key, place) -> place.users == 0 ? null : place);
        }
    }

    private boolean isTooMuch() {
        return places.size() > most || bytes() > mostBytes;
    }

    private long bytes() {
        long bytes = 0;
        for (Place place : places.values()) {
            OpenWorksheet open = place.held;
            bytes += open == null ? 0 : open.bytes;
        }
        return bytes;
    }

    /** Refuses what is no worksheet. */
    void check(String id) {
        if (!store.isKept(id)) {
            throw new NotFound("There is no worksheet " + id + ".");
        }
    }

    /** Has a worksheet read again when it is used next; answers with what was held of it. */
    @Nullable
    OpenWorksheet putAway(String id) {
        return this.<@Nullable OpenWorksheet>using(id, place -> {
            place.lock.writeLock().lock();
            OpenWorksheet held = place.held;
            place.held = null;
            place.lock.writeLock().unlock();
            return held;
        });
    }

    /** Has all that is held read again, since what it is made of has another meaning now. */
    @EventListener(RatesChanged.class)
    void readAgain() {
        for (String id : Set.copyOf(places.keySet())) {
            OpenWorksheet open = putAway(id);
            if (open != null) {
                events.publishEvent(new WorksheetReread(id, open.revision));
            }
        }
    }
}
