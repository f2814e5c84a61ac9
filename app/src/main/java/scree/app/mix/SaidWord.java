package scree.app.mix;

import java.time.OffsetDateTime;
import scree.core.mix.SeasonParts;

/** What a client said of a base that no longer fitted. */
record SaidWord(SeasonParts.Word word, OffsetDateTime saidAt, String artistName) {}
