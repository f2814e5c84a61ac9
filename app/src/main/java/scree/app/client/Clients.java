package scree.app.client;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.bin.BinTable;
import scree.app.bin.Deletable;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;

/** Keeps the clients of a studio. */
@Service
public class Clients implements Deletable {
    private static final int MOST_SHOWN = 200;
    private final ClientMapper mapper;

    Clients(ClientMapper mapper) {
        this.mapper = mapper;
    }

    /** Returns clients whose name or work holds a text, by name; all for an empty one. */
    public List<Client> search(StudioId studio, String text) {
        return mapper.search(studio, text.strip(), MOST_SHOWN);
    }

    /** @throws NotHere when the studio has no such client */
    public Client get(StudioId studio, long id) {
        return NotHere.unless(mapper.find(studio, id), "client");
    }

    /** Adds a client and returns the id. */
    @Transactional
    public long add(StudioId studio, Client client) {
        return mapper.add(studio, client);
    }

    /** @throws StaleSave when someone else saved in between; carries what is stored now */
    @Transactional
    public void change(StudioId studio, Client client) {
        if (mapper.change(studio, client) == 0) {
            throw new StaleSave(get(studio, client.id()));
        }
    }

    /** Keeps where a client gets letters. */
    @Transactional
    public void reachedAt(StudioId studio, long id, String email) {
        NotHere.unless(mapper.reachedAt(studio, id, email) > 0 ? id : null, "client");
    }

    @Override
    public String kind() {
        return "client";
    }

    @Override
    public BinTable table() {
        return mapper;
    }
}
