package scree.app.kit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
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
    private final KitImportMapper mapper;
    private final Kit kit;
    private final Formulas formulas;
    private final KitCsv csv;
    private final TransactionTemplate aside;

    KitImports(
            KitImportMapper mapper, Kit kit, Formulas formulas, KitCsv csv, PlatformTransactionManager transactions) {
        this.formulas = formulas;
        this.mapper = mapper;
        this.kit = kit;
        this.csv = csv;
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

    /** What came of a yes: problems where the kit changed since the preview, or how many came in. */
    record Outcome(KitCsv.Preview preview, boolean brought) {}

    /** Reads the waiting file again, since the kit may have changed in between, and adds all or nothing. */
    @Transactional
    public Outcome bringIn(Member me, Waiting waiting) {
        KitCsv.Preview preview = csv.read(waiting.file(), kit.names(me.studio()));
        if (!preview.problems().isEmpty()) {
            return new Outcome(preview, false);
        }
        kit.addAll(
                me.studio(),
                preview.products(),
                done -> aside.executeWithoutResult(s -> mapper.done(me.studio(), me.artistId(), done)));
        formulas(me.studio(), preview.rows());
        return new Outcome(preview, true);
    }

    private void formulas(StudioId studio, List<KitRow> rows) {
        Map<String, Long> ids = kit.all(studio).stream().collect(Collectors.toMap(Product::stoneId, Product::id));
        formulas.putAll(
                studio,
                rows.stream()
                        .filter(r -> r.formula() != null)
                        .map(r -> r.formula().of(ids.get(r.product().stoneId())))
                        .toList());
    }

    @Override
    @Transactional
    public void keepUp(StudioId studio) {
        mapper.forgetOld(studio);
    }
}
