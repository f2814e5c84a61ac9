package scree.app.method;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.client.Clients;
import scree.app.sitting.LastTime;
import scree.app.sitting.Sitting;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;

/** Answers how one works, and keeps what is settled. */
@Service
public class Methods {
    private final MethodMapper mapper;
    private final Clients clients;
    private final Clock clock;
    private final StudioTime time;

    Methods(MethodMapper mapper, Clients clients, Clock clock, StudioTime time) {
        this.mapper = mapper;
        this.clients = clients;
        this.clock = clock;
        this.time = time;
    }

    /**
     * Whose method it is.
     *
     * @param client null unless it is the method with one client
     */
    public record Whose(Level level, Long client) {
        public Whose {
            if (level == Level.USUAL || level == Level.LAST_TIME || (level == Level.CLIENT) != (client != null)) {
                throw new IllegalArgumentException("a method is a studio's, an artist's or with a client");
            }
        }
    }

    /** Returns how a sitting is worked: as things stood when its day was over, today's until then. Asked again, the question is the same. */
    public Method of(StudioId studio, Sitting sitting) {
        OffsetDateTime over = sitting.startsAt()
                .toLocalDate()
                .plusDays(1)
                .atStartOfDay(time.zone(studio))
                .toOffsetDateTime();
        return method(mapper.said(studio, sitting.artistId(), sitting.clientId(), over), Level.CLIENT);
    }

    /**
     * Returns how a sitting is worked when the client was there before: what was done by hand then is done again.
     *
     * @param last what was chosen of a setting, null where a stage does not choose it
     */
    public <T> Method of(
            StudioId studio, Sitting sitting, Optional<LastTime.Then<T>> then, BiFunction<T, Setting, String> last) {
        Method now = of(studio, sitting);
        return then.map(t -> now.carrying(of(studio, t.sitting()), setting -> last.apply(t.state(), setting)))
                .orElse(now);
    }

    /** Returns how an artist works now, without any client. */
    public Method of(Member me) {
        return of(me, new Whose(Level.ARTIST, null));
    }

    /** Returns the method of a level with all that lies under it. */
    Method of(Member me, Whose whose) {
        return method(said(me, whose), whose.level());
    }

    /** Returns who said what last, by setting, on this level only. */
    Map<Setting, MethodMapper.Said> own(Member me, Whose whose) {
        Map<Setting, MethodMapper.Said> own = new EnumMap<>(Setting.class);
        said(me, whose).stream()
                .filter(s -> s.level() == whose.level() && s.value() != null)
                .forEach(s -> known(s).ifPresent(setting -> own.put(setting, s)));
        return own;
    }

    /** Returns what holds under a level: what "the usual" would bring back. */
    Method under(Member me, Whose whose) {
        return method(said(me, whose), Level.values()[whose.level().ordinal() - 1]);
    }

    private List<MethodMapper.Said> said(Member me, Whose whose) {
        if (whose.client() != null) {
            clients.get(me.studio(), whose.client());
        }
        return mapper.said(
                me.studio(),
                whose.level() == Level.STUDIO ? null : Long.valueOf(me.artistId()),
                whose.client(),
                OffsetDateTime.now(clock));
    }

    private static Method method(List<MethodMapper.Said> said, Level upTo) {
        Method method = Method.usual();
        for (MethodMapper.Said s : said.stream()
                .filter(x -> x.value() != null && x.level().compareTo(upTo) <= 0)
                .sorted(Comparator.comparing(MethodMapper.Said::level))
                .toList()) {
            Optional<Setting> setting = known(s);
            if (setting.isPresent()) {
                method = method.with(setting.get(), s.value(), s.level());
            }
        }
        return method;
    }

    /** What another Scree settled and this one does not know is passed over. */
    private static Optional<Setting> known(MethodMapper.Said said) {
        try {
            Setting setting = Setting.valueOf(said.setting());
            setting.value(said.value());
            return Optional.of(setting);
        } catch (IllegalArgumentException unknown) {
            return Optional.empty();
        }
    }

    /**
     * Settles something.
     *
     * @param typed null gives it back to what lies under it
     * @throws IllegalArgumentException when it cannot be that
     */
    @Transactional
    public void settle(Member me, Whose whose, Setting setting, String typed) {
        String value = typed == null ? null : setting.value(typed);
        if (whose.client() != null) {
            clients.get(me.studio(), whose.client());
            if (setting.ofTheHouse()) {
                throw new NotHere("setting");
            }
        }
        mapper.say(
                me.studio(),
                whose.level(),
                whose.level() == Level.ARTIST ? Long.valueOf(me.artistId()) : null,
                whose.client(),
                setting,
                value,
                OffsetDateTime.now(clock),
                me.artistId());
    }

    /** Gives back all that a level settled. */
    @Transactional
    public void reset(Member me, Whose whose) {
        own(me, whose).keySet().forEach(setting -> settle(me, whose, setting, null));
    }
}
