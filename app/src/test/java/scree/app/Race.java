package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/** Lets several do something at the same moment. */
public final class Race {
    private Race() {}

    /** Something that may fail. */
    @FunctionalInterface
    public interface Act {
        void run() throws Exception;
    }

    /** Does the same so many times at once; none may fail. */
    public static void run(int runners, Act act) throws Exception {
        assertThat(failures(runners, act)).isEmpty();
    }

    /** Does different things at once; none may fail. */
    public static void all(Act... acts) throws Exception {
        assertThat(together(List.of(acts))).isEmpty();
    }

    /** Does the same so many times at once and returns what failed. */
    public static List<Throwable> failures(int runners, Act act) throws Exception {
        return together(java.util.Collections.nCopies(runners, act));
    }

    private static List<Throwable> together(List<Act> acts) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(acts.size());
        CyclicBarrier start = new CyclicBarrier(acts.size());
        try {
            List<Future<Throwable>> ends = new ArrayList<>();
            for (Act act : acts) {
                Callable<Throwable> runner = () -> {
                    start.await(30, TimeUnit.SECONDS);
                    try {
                        act.run();
                        return null;
                    } catch (Exception e) {
                        return e;
                    }
                };
                ends.add(pool.submit(runner));
            }
            List<Throwable> failed = new ArrayList<>();
            for (Future<Throwable> end : ends) {
                Throwable e = end.get(60, TimeUnit.SECONDS);
                if (e != null) {
                    failed.add(e);
                }
            }
            return failed;
        } finally {
            pool.shutdownNow();
        }
    }
}
