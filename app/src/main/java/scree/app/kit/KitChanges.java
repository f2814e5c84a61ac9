package scree.app.kit;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntConsumer;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.Upkeep;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import tools.jackson.databind.json.JsonMapper;

/** Changes many products at once, and keeps each as it was, so that the whole change can be undone. */
@Service
public class KitChanges implements Upkeep.Task {
    private static final int VERSION = 1;
    /** Rows of one statement. */
    private static final int AT_ONCE = 500;

    private final KitChangeMapper mapper;
    private final Kit kit;
    private final Formulas formulas;
    private final JsonMapper json;
    private final ApplicationEventPublisher events;

    KitChanges(KitChangeMapper mapper, Kit kit, Formulas formulas, JsonMapper json, ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.kit = kit;
        this.formulas = formulas;
        this.json = json;
        this.events = events;
    }

    /** What was done. */
    public enum Kind {
        /** Enough is left. */
        ENOUGH,
        LOW,
        USED_UP,
        OPENED,
        THROWN_AWAY,
        BOUGHT,
        BROUGHT_IN,
        MEASURED
    }

    /** One change, as a list shows it. */
    public record Change(
            long id, Kind kind, int products, String artistName, OffsetDateTime changedAt, OffsetDateTime undoneAt) {}

    /** Products that were put back as they were before a change, or taken away again. */
    public record Undone(StudioId studio, List<Long> products) {}

    /** A product as it was. */
    private record Kept(int version, KitRow row) {}

    /** A row of a change as stored. */
    record Row(long productId, String before, int version) {}

    /** Returns the whole kit with what its products are in a mix, by line and name. */
    @Transactional(readOnly = true)
    public List<KitRow> rows(StudioId studio) {
        Map<Long, Formula> recorded = formulas.recorded(studio);
        return kit.all(studio).stream()
                .map(p -> new KitRow(p, recorded.get(p.id())))
                .toList();
    }

    /** The same of some products. */
    @Transactional(readOnly = true)
    public List<KitRow> rows(StudioId studio, List<Product> of) {
        Map<Long, Formula> recorded = formulas.recorded(studio);
        return of.stream().map(p -> new KitRow(p, recorded.get(p.id()))).toList();
    }

    /**
     * Changes and adds products, all or none.
     *
     * @param was those that are changed, as they are stored
     * @param will the same in the same order, as they are to be
     * @param fresh those that are added
     * @param progress is told how many are done after each few
     * @return the number that {@link #undo} takes
     * @throws StaleSave when someone else saved one in between
     */
    @Transactional
    public long apply(
            Member me, Kind kind, List<KitRow> was, List<KitRow> will, List<KitRow> fresh, IntConsumer progress) {
        StudioId studio = me.studio();
        for (int i = 0; i < will.size(); i++) {
            kit.change(studio, will.get(i).product());
            if (will.get(i).formula() != null
                    && !will.get(i).formula().equals(was.get(i).formula())) {
                formulas.put(studio, will.get(i).formula());
            }
            progress.accept(i + 1);
        }
        kit.addAll(studio, fresh.stream().map(KitRow::product).toList(), done -> progress.accept(will.size() + done));
        long change = mapper.add(studio, me.artistId(), kind);
        for (KitRow row : was) {
            mapper.addRow(studio, change, row.product().id(), json.writeValueAsString(new Kept(VERSION, row)));
        }
        added(studio, change, fresh);
        kit.changed(studio);
        return change;
    }

    /**
     * Brings a file in that was held against the kit: all of it or nothing.
     *
     * @param told how many are in
     */
    @Transactional
    public long bringIn(Member me, KitMerge merge, IntConsumer told) {
        return apply(
                me,
                Kind.BROUGHT_IN,
                merge.changed().stream().map(KitMerge.Change::was).toList(),
                merge.changed().stream().map(KitMerge.Change::will).toList(),
                merge.fresh(),
                told);
    }

    /** The same, telling nobody how far it is. */
    @Transactional
    public long apply(Member me, Kind kind, List<KitRow> was, List<KitRow> will) {
        return apply(me, kind, was, will, List.of(), done -> {});
    }

    private void added(StudioId studio, long change, List<KitRow> fresh) {
        if (fresh.isEmpty()) {
            return;
        }
        Map<String, Long> ids = new HashMap<>();
        kit.all(studio).forEach(p -> ids.put(p.stoneId(), p.id()));
        List<Long> added = new ArrayList<>();
        List<Formula> mixes = new ArrayList<>();
        for (KitRow row : fresh) {
            long id = ids.get(row.product().stoneId());
            added.add(id);
            if (row.formula() != null) {
                mixes.add(row.formula().of(id));
            }
        }
        for (int from = 0; from < added.size(); from += AT_ONCE) {
            mapper.addFresh(studio, change, added.subList(from, Math.min(added.size(), from + AT_ONCE)));
        }
        formulas.putAll(studio, mixes);
    }

    /**
     * Puts every product of a change back as it was, and deletes those that it added. What was saved since stays.
     *
     * @return names of products that stay, since somebody saved them after the change
     * @throws NotHere when the studio has no such change that is not undone yet
     */
    @Transactional
    public List<String> undo(Member me, long change) {
        StudioId studio = me.studio();
        if (mapper.undone(studio, change) == 0) {
            throw new NotHere("change");
        }
        List<String> stay = new ArrayList<>();
        List<Long> back = new ArrayList<>();
        for (Row row : mapper.rows(studio, change)) {
            Optional<Product> now = kit.find(studio, row.productId());
            if (now.isEmpty()) {
                continue; // deleted since: it stays so
            }
            if (now.get().version() != row.version()) {
                stay.add(now.get().fullName());
                continue;
            }
            back.add(row.productId());
            if (row.before() == null) {
                kit.delete(studio, row.productId());
            } else {
                KitRow was = json.readValue(row.before(), Kept.class).row();
                kit.putBack(studio, was.product().stored(row.productId(), row.version()));
                formulas.putBack(studio, row.productId(), was.formula());
            }
        }
        kit.changed(studio);
        events.publishEvent(new Undone(studio, back));
        return stay;
    }

    /** Returns the last change while it can be undone. */
    public Optional<Change> last(StudioId studio) {
        return Optional.ofNullable(mapper.last(studio));
    }

    /** Returns a change, empty when the studio has none such. */
    public Optional<Change> find(StudioId studio, long change) {
        return Optional.ofNullable(mapper.find(studio, change));
    }

    @Override
    @Transactional
    public void keepUp(StudioId studio) {
        mapper.forgetOld(studio);
    }
}
