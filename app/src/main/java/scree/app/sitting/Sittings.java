package scree.app.sitting;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import scree.app.bin.BinTable;
import scree.app.bin.Deletable;
import scree.app.event.Event;
import scree.app.event.Events;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;

/** Keeps sittings and their intake. */
@Service
public class Sittings implements Deletable {
    private final SittingMapper mapper;
    private final Events events;
    private final ApplicationEventPublisher told;

    Sittings(SittingMapper mapper, Events events, ApplicationEventPublisher told) {
        this.mapper = mapper;
        this.events = events;
        this.told = told;
    }

    /** @throws NotHere when the studio has no such sitting */
    public Sitting get(StudioId studio, long id) {
        return NotHere.unless(mapper.find(studio, id), "sitting");
    }

    /**
     * Holds a sitting until the end of the transaction: whoever reads something of it behind this, changes and saves it, does so
     * alone.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void hold(StudioId studio, long id) {
        NotHere.unless(mapper.hold(studio, id), "sitting");
    }

    /** Returns the sittings of a day's events, by time. */
    public List<Sitting> on(StudioId studio, LocalDate day) {
        return mapper.on(studio, day);
    }

    /** Returns all sittings of a client, the newest first. */
    public List<Sitting> ofClient(StudioId studio, long client) {
        return mapper.ofClient(studio, client);
    }

    /** Adds a sitting to the event of that name on its day, a new one when there is none, and returns the id. */
    @Transactional
    public long add(StudioId studio, long client, long artist, LocalDateTime startsAt, int minutes, String event) {
        return add(studio, client, artist, startsAt, minutes, events.named(studio, startsAt.toLocalDate(), event));
    }

    /** Adds a sitting to an event; the artist's hours there hold it from then on. Returns the id. */
    @Transactional
    public long add(StudioId studio, long client, long artist, LocalDateTime startsAt, int minutes, Event event) {
        events.works(studio, event, artist, startsAt, startsAt.plusMinutes(minutes));
        return mapper.add(studio, client, artist, startsAt, minutes, event.name(), event.id());
    }

    /** Adds a sitting of somebody who is not there, of no event, and returns the id. */
    @Transactional
    public long addFromAfar(StudioId studio, long client, long artist, LocalDateTime at, int minutes, String what) {
        return mapper.add(studio, client, artist, at, minutes, what, null);
    }

    /** @throws StaleSave when someone else saved in between; carries the stored sitting */
    @Transactional
    public void saveIntake(StudioId studio, long id, int version, Intake answers) {
        if (mapper.saveIntake(studio, id, version, answers) == 0) {
            throw new StaleSave(get(studio, id));
        }
    }

    /** Sets the light in which the face will be seen. */
    @Transactional
    public void eventLight(StudioId studio, long id, Sitting.EventLight light) {
        get(studio, id);
        mapper.putEventLight(studio, id, light);
    }

    /** Marks a sitting as sent from home. */
    @Transactional
    public void cameIn(StudioId studio, long id) {
        mapper.cameIn(studio, id);
    }

    public List<Sitting> cameIn(StudioId studio) {
        return mapper.sentFromHome(studio);
    }

    /** Marks the work as done, and tells {@link Finished}. */
    @Transactional
    public void finish(StudioId studio, long id) {
        mapper.finish(studio, id);
        told.publishEvent(new Finished(studio, id));
    }

    /** A sitting has ended, in the same transaction. */
    public record Finished(StudioId studio, long sitting) {}

    @Override
    public String kind() {
        return "sitting";
    }

    @Override
    public BinTable table() {
        return mapper;
    }
}
