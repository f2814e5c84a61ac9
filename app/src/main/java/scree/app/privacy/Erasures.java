package scree.app.privacy;

import java.io.Serializable;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import tools.jackson.databind.json.JsonMapper;

/** Erases a client whole and proves it by counting. */
@Service
public class Erasures {
    private final PrivacyMapper mapper;
    private final Audit audit;
    private final JsonMapper json;

    Erasures(PrivacyMapper mapper, Audit audit, JsonMapper json) {
        this.mapper = mapper;
        this.audit = audit;
        this.json = json;
    }

    /**
     * How many rows each table had of a client, and of which tables rows stayed that should not: counted over the whole studio before and
     * after, as one moment saw it.
     */
    public record Proof(Map<String, Long> were, Map<String, Long> stayed) implements Serializable {
        private static final long serialVersionUID = 1;
    }

    /** Returns how much is kept of a client, by table. */
    @Transactional(readOnly = true)
    public Map<String, Long> counts(StudioId studio, long client) {
        Map<String, Long> counts = new LinkedHashMap<>();
        mapper.counts(studio, client).forEach(c -> counts.put(c.tab(), c.n()));
        return counts;
    }

    /**
     * Erases everything that is kept of a client, at once and for good.
     *
     * @throws NotHere when the studio has no such client
     */
    @Transactional(isolation = Isolation.REPEATABLE_READ)
    public Proof erase(Member me, long client) {
        Proof proof = erase(me.studio(), client);
        audit.did(me, Audit.Act.ERASED, client, null, json.writeValueAsString(proof.were()));
        return proof;
    }

    /** Erases a client whose time is over; nobody did it. */
    Proof eraseByRule(StudioId studio, long client) {
        return erase(studio, client);
    }

    private Proof erase(StudioId studio, long client) {
        Map<String, Long> were = counts(studio, client);
        Map<String, Long> stayed = totals(studio);
        NotHere.unless(mapper.erase(studio, client) > 0 ? client : null, "client");
        stayed.replaceAll((tab, n) -> were.getOrDefault(tab, 0L) - n);
        totals(studio).forEach((tab, n) -> stayed.merge(tab, n, Long::sum));
        stayed.values().removeIf(n -> n == 0);
        return new Proof(were, stayed);
    }

    private Map<String, Long> totals(StudioId studio) {
        Map<String, Long> totals = new LinkedHashMap<>();
        mapper.totals(studio).forEach(c -> totals.put(c.tab(), c.n()));
        return totals;
    }
}
