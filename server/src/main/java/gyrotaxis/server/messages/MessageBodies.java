package gyrotaxis.server.messages;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is asked and answered of messages. */
final class MessageBodies {
    private MessageBodies() {}

    /** Words for a cue. @param usual those that hold as long as there are no others */
    record TemplateView(MessageTrigger cue, String said, String words, String usual) {}

    record TemplateBody(@Nullable String words) {}

    /**
     * Something that would be sent.
     *
     * @param about what it is about: an appointment or a follow-up
     * @param told the time that it tells
     * @param due the day from which it is due
     * @param isChanged whether another time was told before
     * @param isLost whether it was sent and came back
     */
    record DraftView(
            MessageTrigger cue,
            String said,
            UUID about,
            String told,
            String client,
            String words,
            LocalDate due,
            boolean isDue,
            boolean isChanged,
            boolean isLost) {}

    /** Which draft is to be sent, and the words in which it is; those it would have if absent. */
    record SendBody(
            @Nullable MessageTrigger cue,
            @Nullable UUID about,
            @Nullable String told,
            @Nullable String words) {}

    record SentView(UUID id, String said, String client, String words, Instant at, boolean isLost) {}

    record MessagesView(
            List<TemplateView> templates, List<String> places, List<DraftView> drafts, List<SentView> sent) {}
}
