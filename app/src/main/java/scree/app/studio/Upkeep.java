package scree.app.studio;

import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Erases what has had its time, studio by studio, every few minutes. Several processes may do it at once. */
@Component
public class Upkeep {
    private static final Logger LOG = LoggerFactory.getLogger(Upkeep.class);
    private final AccountMapper accounts;
    private final List<Task> tasks;

    Upkeep(AccountMapper accounts, List<Task> tasks) {
        this.accounts = accounts;
        this.tasks = tasks;
    }

    /** Something that a feature erases by itself. Doing it twice does no harm. */
    public interface Task {
        void keepUp(StudioId studio);
    }

    /** Does the work of one round for every studio. */
    @Scheduled(initialDelayString = "${scree.upkeep.first:PT2M}", fixedDelayString = "${scree.upkeep.every:PT10M}")
    public void run() {
        try {
            for (long studio : accounts.studios()) {
                tasks.forEach(task -> task.keepUp(new StudioId(studio)));
            }
        } catch (DataAccessException away) {
            LOG.warn("upkeep was put off: {}", away.getMessage());
        }
    }
}
