package scree.app.card;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.StudioId;
import scree.core.image.PrintedCard;

/** Keeps which print of the colour card a studio uses. */
@Service
public class Cards {
    private static final int KEPT = 40;
    private final CardMapper mapper;
    /** Reading a file guesses spectra where only colours were measured, which takes a while. */
    private final Map<String, PrintedCard> recent = new LinkedHashMap<>(16, .75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, PrintedCard> eldest) {
            return size() > KEPT;
        }
    };

    Cards(CardMapper mapper) {
        this.mapper = mapper;
    }

    /** Returns the print in use; the design itself while none was measured. */
    public PrintedCard inUse(StudioId studio) {
        CardRow row = mapper.inUse(studio);
        return row == null ? PrintedCard.design() : read(row.name(), row.file());
    }

    public Optional<PrintedCard> measured(StudioId studio) {
        return Optional.ofNullable(mapper.inUse(studio)).map(row -> read(row.name(), row.file()));
    }

    /**
     * Takes a file of measured values into use.
     *
     * @throws IllegalArgumentException naming line, field and way out; the former print stays in use then
     */
    @Transactional
    public PrintedCard use(StudioId studio, String name, String file) {
        PrintedCard card = read(name, file);
        mapper.put(studio, name, file);
        return card;
    }

    /** Goes back to the card as designed. */
    @Transactional
    public void forget(StudioId studio) {
        mapper.forget(studio);
    }

    private PrintedCard read(String name, String file) {
        synchronized (recent) {
            PrintedCard known = recent.get(name + "\n" + file);
            if (known == null) {
                known = PrintedCard.read(name, file);
                recent.put(name + "\n" + file, known);
            }
            return known;
        }
    }
}
