package scree.app.privacy;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.Upkeep;
import tools.jackson.databind.json.JsonMapper;

/** How long a studio keeps what, and letting go of it by itself; what went is counted. */
@Service
public class KeepingRule implements Upkeep.Task {
    private static final int SHOWN = 60;

    private final ConsentMapper mapper;
    private final Erasures erasures;
    private final Audit audit;
    private final JsonMapper json;
    private final Clock clock;

    KeepingRule(ConsentMapper mapper, Erasures erasures, Audit audit, JsonMapper json, Clock clock) {
        this.mapper = mapper;
        this.erasures = erasures;
        this.audit = audit;
        this.json = json;
        this.clock = clock;
    }

    /** How long; null for ever. */
    public record Rule(Integer homeDays, Integer recordYears) {}

    /** What was let go of. */
    public record LetGo(OffsetDateTime at, String what, long client, String counted) {}

    /** Returns a studio's rule. */
    @Transactional(readOnly = true)
    public Rule rule(StudioId studio) {
        Rule rule = mapper.rule(studio);
        return rule == null ? new Rule(null, null) : rule; // MyBatis too returns null for a row of nothing but nulls
    }

    /** Sets it. */
    @Transactional
    public void rule(Member me, Rule rule) {
        mapper.putRule(me.studio(), rule.homeDays(), rule.recordYears());
        audit.did(me, Audit.Act.RULED, null, null, json.writeValueAsString(rule));
    }

    /** Returns what was let go of by rule, the newest first. */
    @Transactional(readOnly = true)
    public List<LetGo> log(StudioId studio) {
        return mapper.newest(studio, SHOWN);
    }

    @Override
    @Transactional
    public void keepUp(StudioId studio) {
        Rule rule = rule(studio);
        if (rule.homeDays() == null && rule.recordYears() == null || !mapper.alone(studio)) {
            return;
        }
        OffsetDateTime now = OffsetDateTime.now(clock);
        if (rule.homeDays() != null) {
            OffsetDateTime before = now.minusDays(rule.homeDays());
            for (long client : mapper.homeBefore(studio, before)) {
                int pictures = mapper.eraseHome(studio, client, before);
                mapper.letGo(studio, "FROM_HOME", client, json.writeValueAsString(Map.of("picture", pictures)));
            }
        }
        if (rule.recordYears() != null) {
            for (long client : mapper.unseenSince(studio, now.minusYears(rule.recordYears()))) {
                mapper.letGo(
                        studio,
                        "RECORD",
                        client,
                        json.writeValueAsString(
                                erasures.eraseByRule(studio, client).were()));
            }
        }
    }
}
