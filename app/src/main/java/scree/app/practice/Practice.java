package scree.app.practice;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.picture.Upload;
import scree.app.rights.PractisedBy;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Member;
import scree.app.studio.Role;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;
import scree.app.web.NotHere;
import scree.app.web.Words;

/** Keeps what is practised on made-up faces. */
@Service
public class Practice implements PractisedBy {
    private static final int MINUTES = 40;

    private final PracticeMapper mapper;
    private final PracticeFaces faces;
    private final Clients clients;
    private final Sittings sittings;
    private final Readings readings;
    private final StudioTime time;
    private final Words words;

    Practice(
            PracticeMapper mapper,
            PracticeFaces faces,
            Clients clients,
            Sittings sittings,
            Readings readings,
            StudioTime time,
            Words words) {
        this.mapper = mapper;
        this.faces = faces;
        this.clients = clients;
        this.sittings = sittings;
        this.readings = readings;
        this.time = time;
        this.words = words;
    }

    /** Returns what somebody practised: trainees see their own, whoever teaches them sees all. */
    public List<PracticeSitting> seenBy(Member me) {
        return mapper.sittings(me.studio(), me.role() == Role.TRAINEE ? me.artistId() : null);
    }

    /** Returns what a face is called. */
    public String name(int face) {
        return words.say("practice.face." + face);
    }

    /** Begins a sitting of a face, with its picture taken, and returns its id. */
    @Transactional
    public long begin(Member me, int face) {
        long client = face(me, face);
        long sitting = sittings.addFromAfar(
                me.studio(), client, me.artistId(), time.now(me.studio()), MINUTES, words.say("practice.event"));
        readings.take(me.studio(), sitting, Upload.of(picture(face, false)));
        return sitting;
    }

    private long face(Member me, int face) {
        String name = name(checked(face));
        Long known = mapper.face(me.studio(), me.artistId(), name);
        if (known != null) {
            return known;
        }
        long client = clients.add(me.studio(), new Client(0, name, null, null, null, null, null, null, null, 0));
        mapper.mark(me.studio(), client, me.artistId());
        return client;
    }

    /** Puts a sitting away; like a client's it can be brought back for thirty days. */
    @Transactional
    public void away(Member me, long sitting) {
        boolean seen = seenBy(me).stream().anyMatch(s -> s.id() == sitting);
        NotHere.unless(seen ? sitting : null, "sitting");
        sittings.delete(me.studio(), sitting);
    }

    /** @throws NotHere when there is no such face */
    byte[] picture(int face, boolean small) {
        return faces.picture(checked(face), small);
    }

    private int checked(int face) {
        return NotHere.unless(face >= 0 && face < faces.count() ? face : null, "face");
    }

    /** Returns how many faces there are. */
    int count() {
        return faces.count();
    }

    @Override
    public boolean sitting(StudioId studio, long artist, long sitting) {
        return mapper.sitting(studio, artist, sitting);
    }

    @Override
    public boolean picture(StudioId studio, long artist, long picture) {
        return mapper.picture(studio, artist, picture);
    }
}
