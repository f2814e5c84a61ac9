package scree.app.mix;

/** A client's winter and summer shade; nudge is how many summer parts the client's words added or took away. */
record SeasonPair(long winterId, long summerId, int nudge) {}
