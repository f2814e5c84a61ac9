package scree.app.kit;

import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.Upkeep;

/** Kit files between their preview and yes: one an artist, in the database, so that any process can bring it in. */
@Service
public class KitImports implements Upkeep.Task {
    /** Products after which whoever waits is told how far it is. */
    private static final int TOLD_EVERY = 500;

    private final KitImportMapper mapper;
    private final KitFiles files;
    private final KitChanges changes;
    private final TransactionTemplate aside;

    KitImports(KitImportMapper mapper, KitFiles files, KitChanges changes, PlatformTransactionManager transactions) {
        this.mapper = mapper;
        this.files = files;
        this.changes = changes;
        this.aside = new TransactionTemplate(transactions);
        aside.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /** A file that waits. */
    record Waiting(String name, byte[] file) {}

    /** How far an import is. */
    record Progress(int rows, int done) {}

    /** Keeps a file until the artist says yes. */
    @Transactional
    public void put(Member me, String name, byte[] file, int rows) {
        mapper.put(me.studio(), me.artistId(), name, file, rows);
    }

    /** Throws the waiting file away. */
    @Transactional
    public void forget(Member me) {
        mapper.forget(me.studio(), me.artistId());
    }

    Optional<Progress> progress(Member me) {
        return Optional.ofNullable(mapper.progress(me.studio(), me.artistId()));
    }

    Optional<Waiting> waiting(Member me) {
        return Optional.ofNullable(mapper.waiting(me.studio(), me.artistId()));
    }

    /**
     * What came of a yes.
     *
     * @param change what {@link KitChanges#undo} takes, or null while something is to be mended
     */
    record Outcome(KitFiles.Held held, Long change) {}

    /** Reads the waiting file again, since the kit may have changed in between, and takes all of it or nothing. */
    @Transactional
    public Outcome bringIn(Member me, Waiting waiting) {
        KitFiles.Held held = files.hold(me.studio(), waiting.file());
        if (!held.ready()) {
            return new Outcome(held, null);
        }
        long change = changes.bringIn(me, held.merge(), done -> {
            if (done % TOLD_EVERY == 0) {
                aside.executeWithoutResult(s -> mapper.done(me.studio(), me.artistId(), done));
            }
        });
        return new Outcome(held, change);
    }

    @Override
    @Transactional
    public void keepUp(StudioId studio) {
        mapper.forgetOld(studio);
    }
}
