package gyrotaxis.server.messages;

import static gyrotaxis.server.db.Tables.MESSAGE_SENT;
import static gyrotaxis.server.db.Tables.MESSAGE_TEMPLATE;

import gyrotaxis.server.db.tables.records.MessageSentRecord;
import java.time.ZoneOffset;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The studio's words, and what was sent. */
@Repository
class SentMessages {
    private final DSLContext db;

    SentMessages(DSLContext db) {
        this.db = db;
    }

    /** The words for every cue. */
    Map<MessageTrigger, Template> templates() {
        Map<MessageTrigger, Template> all = new EnumMap<>(MessageTrigger.class);
        for (MessageTrigger cue : MessageTrigger.values()) {
            all.put(cue, new Template(cue.usual()));
        }
        db.selectFrom(MESSAGE_TEMPLATE)
                .forEach(r -> all.put(MessageTrigger.valueOf(r.getOccasion()), new Template(r.getWords())));
        return all;
    }

    void keep(MessageTrigger cue, Template words) {
        db.mergeInto(MESSAGE_TEMPLATE)
                .columns(MESSAGE_TEMPLATE.OCCASION, MESSAGE_TEMPLATE.WORDS)
                .key(MESSAGE_TEMPLATE.OCCASION)
                .values(cue.name(), words.words())
                .execute();
    }

    /** What was sent about any of these. */
    List<Sent> about(Set<UUID> subjects) {
        return db.selectFrom(MESSAGE_SENT)
                .where(MESSAGE_SENT.SUBJECT.in(subjects))
                .fetch(SentMessages::read);
    }

    /** The latest first. */
    List<Sent> latest(int most) {
        return db.selectFrom(MESSAGE_SENT)
                .orderBy(MESSAGE_SENT.SENT_AT.desc(), MESSAGE_SENT.ID)
                .limit(most)
                .fetch(SentMessages::read);
    }

    private static Sent read(MessageSentRecord r) {
        return new Sent(
                r.getId(),
                MessageTrigger.valueOf(r.getOccasion()),
                r.getSubject(),
                r.getTold(),
                r.getClient(),
                r.getWords(),
                r.getSentAt().toInstant(),
                r.getIsLost());
    }

    /** Keeps one; in the place of one about the same that came back. */
    void add(Sent s) {
        db.mergeInto(MESSAGE_SENT)
                .columns(
                        MESSAGE_SENT.ID,
                        MESSAGE_SENT.OCCASION,
                        MESSAGE_SENT.SUBJECT,
                        MESSAGE_SENT.TOLD,
                        MESSAGE_SENT.CLIENT,
                        MESSAGE_SENT.WORDS,
                        MESSAGE_SENT.SENT_AT,
                        MESSAGE_SENT.IS_LOST)
                .key(MESSAGE_SENT.OCCASION, MESSAGE_SENT.SUBJECT, MESSAGE_SENT.TOLD)
                .values(
                        s.id(),
                        s.cue().name(),
                        s.subject(),
                        s.told(),
                        s.client(),
                        s.words(),
                        s.at().atOffset(ZoneOffset.UTC),
                        s.isLost())
                .execute();
    }
}
