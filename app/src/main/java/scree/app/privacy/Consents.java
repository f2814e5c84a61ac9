package scree.app.privacy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.client.Clients;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.app.web.Words;
import tools.jackson.databind.json.JsonMapper;

/** What clients agreed to, and what follows when they do so no longer: at once, in one transaction. */
@Service
public class Consents {
    private final ConsentMapper mapper;
    private final Clients clients;
    private final Audit audit;
    private final JsonMapper json;
    private final Words words;

    Consents(ConsentMapper mapper, Clients clients, Audit audit, JsonMapper json, Words words) {
        this.words = words;
        this.mapper = mapper;
        this.clients = clients;
        this.audit = audit;
        this.json = json;
    }

    /** Returns all that a client ever agreed to, the newest first. */
    @Transactional(readOnly = true)
    public List<Consent> of(StudioId studio, long client) {
        return mapper.ofClient(studio, client).stream()
                .map(r -> new Consent(
                        r.id(),
                        r.givenOn(),
                        Arrays.stream(r.covers().split(","))
                                .map(Consent.Cover::valueOf)
                                .collect(Collectors.toCollection(TreeSet::new)),
                        r.wording(),
                        r.artist(),
                        r.withdrawnAt()))
                .toList();
    }

    /** Keeps what a client agrees to, asked in the usual words. */
    @Transactional
    public void give(Member me, long client, LocalDate on, Set<Consent.Cover> covers) {
        String wording = new TreeSet<>(covers)
                .stream()
                        .map(c -> words.say("consent.asks." + c, me.studioName()))
                        .collect(Collectors.joining(" "));
        give(me, client, on, covers, wording);
    }

    /**
     * Keeps what a client agrees to in words of its own.
     *
     * @param covers at least one
     * @param wording in which they were asked
     */
    @Transactional
    public void give(Member me, long client, LocalDate on, Set<Consent.Cover> covers, String wording) {
        clients.get(me.studio(), client);
        String names = new TreeSet<>(covers).stream().map(Enum::name).collect(Collectors.joining(","));
        mapper.give(me.studio(), client, me.artistId(), on, names, wording);
        if (covers.contains(Consent.Cover.PICTURES)) {
            mapper.agreedOn(me.studio(), client, on);
        }
    }

    /**
     * Withdraws a consent, and lets go of what it covered and no other that holds does. Returns how much went, by what.
     *
     * @throws NotHere when there is no such consent, or it was withdrawn before
     */
    @Transactional
    public Map<String, Integer> withdraw(Member me, long client, long id) {
        StudioId studio = me.studio();
        Consent consent = of(studio, client).stream()
                .filter(c -> c.id() == id)
                .findFirst()
                .orElseThrow(() -> new NotHere("consent"));
        NotHere.unless(mapper.withdraw(studio, id) > 0 ? id : null, "consent");
        Set<Consent.Cover> covers = new TreeSet<>(consent.covers());
        of(studio, client).stream().filter(Consent::holds).forEach(c -> covers.removeAll(c.covers()));
        Map<String, Integer> gone = new LinkedHashMap<>();
        covers.forEach(c -> letGo(studio, client, c, gone));
        gone.values().removeIf(n -> n == 0);
        audit.did(me, Audit.Act.WITHDREW, client, null, json.writeValueAsString(gone));
        return gone;
    }

    private void letGo(StudioId studio, long client, Consent.Cover cover, Map<String, Integer> gone) {
        switch (cover) {
            case PICTURES -> {
                mapper.agreedOn(studio, client, null);
                gone.put("pictures", mapper.erasePictures(studio, client));
                gone.put("points", mapper.erasePoints(studio, client));
                gone.put("sheets", mapper.erasePicturedSheets(studio, client));
                gone.put("askedLinks", mapper.closeRemoteLinks(studio, client));
            }
            case HEALTH ->
                gone.put(
                        "health",
                        mapper.forgetHealthOfClient(studio, client)
                                + mapper.forgetHealthOfSittings(studio, client)
                                + mapper.forgetReactions(studio, client));
            case LETTERS -> {
                gone.put("letters", mapper.withdrawLetters(studio, client) + mapper.forgetAddress(studio, client));
                gone.put("links", mapper.closeLinks(studio, client));
            }
        }
    }
}
