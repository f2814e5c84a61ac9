package scree.app.card;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.memory.Memories;
import scree.app.studio.StudioId;
import scree.core.image.PrintedCard;

/** Keeps which print of the colour card a studio uses. */
@Service
public class Cards {
    private static final int KEPT = 40;
    private final CardMapper mapper;
    /** Reading a file guesses spectra where only colours were measured, which takes a while. */
    private final Cache<CardRow, PrintedCard> read;

    Cards(CardMapper mapper, Memories memories) {
        this.read = memories.keep("cards", KEPT);
        this.mapper = mapper;
    }

    /** Returns the print in use; the design itself while none was measured. */
    public PrintedCard inUse(StudioId studio) {
        CardRow row = mapper.inUse(studio);
        return row == null ? PrintedCard.design() : read(row);
    }

    /** Returns the measured print in use, or empty while the design stands in. */
    public Optional<PrintedCard> measured(StudioId studio) {
        return Optional.ofNullable(mapper.inUse(studio)).map(this::read);
    }

    /**
     * Takes a file of measured values into use.
     *
     * @throws IllegalArgumentException naming line, field and way out; the former print stays in use then
     */
    @Transactional
    public PrintedCard use(StudioId studio, String name, String file) {
        PrintedCard card = read(new CardRow(name, file));
        mapper.put(studio, name, file);
        return card;
    }

    /** Goes back to the card as designed. */
    @Transactional
    public void forget(StudioId studio) {
        mapper.forget(studio);
    }

    private PrintedCard read(CardRow row) {
        return read.get(row, r -> PrintedCard.read(r.name(), r.file()));
    }
}
