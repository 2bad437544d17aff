package gyrotaxis.server.people;

import gyrotaxis.core.diary.ChairId;

/** A chair, and what it is called. */
public record Chair(ChairId id, String name) {}
