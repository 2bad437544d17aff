package gyrotaxis.core.diary;

/** Somebody who works here, and when. */
public record Stylist(StylistId id, String name, Hours hours) {}
