package gyrotaxis.server.door;

import gyrotaxis.server.audit.AuditAction;
import gyrotaxis.server.audit.AuditLog;
import gyrotaxis.server.book.ClientRepository;
import gyrotaxis.server.door.DoorBodies.DeedView;
import gyrotaxis.server.door.DoorBodies.DeedsView;
import gyrotaxis.server.door.DoorBodies.InvitationView;
import gyrotaxis.server.door.DoorBodies.MemberBody;
import gyrotaxis.server.door.DoorBodies.MemberView;
import gyrotaxis.server.door.DoorBodies.MembersView;
import gyrotaxis.server.door.DoorBodies.StylistChoice;
import gyrotaxis.server.door.way.Address;
import gyrotaxis.server.door.way.Code;
import gyrotaxis.server.people.PeopleRepository;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shared.Settings;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who may come in, for the owner: invitations, what each may, and what was done. */
@Service
@Transactional
class MemberService {
    /** As long as somebody may take to find her telephone. */
    private static final Duration INVITATION_LASTS = Duration.ofDays(3);

    private static final int MAX_NAME_LENGTH = 80;
    private static final int DEEDS_AT_ONCE = 100;

    private static final Set<AuditAction> OF_CLIENTS = EnumSet.of(
            AuditAction.ADDED_CLIENT,
            AuditAction.OPENED_CLIENT,
            AuditAction.CHANGED_CLIENT,
            AuditAction.SIGNED_CONSENT,
            AuditAction.EXPORTED_CLIENT,
            AuditAction.ERASED_CLIENT);

    private final MemberRepository members;
    private final KnownDevices devices;
    private final Sessions sessions;
    private final AuditLog deeds;
    private final PeopleRepository people;
    private final ClientRepository book;
    private final Address address;
    private final Settings settings;
    private final Clock clock;

    MemberService(
            MemberRepository members,
            KnownDevices devices,
            Sessions sessions,
            AuditLog deeds,
            PeopleRepository people,
            ClientRepository book,
            Address address,
            Settings settings,
            Clock clock) {
        this.members = members;
        this.devices = devices;
        this.sessions = sessions;
        this.deeds = deeds;
        this.people = people;
        this.book = book;
        this.address = address;
        this.settings = settings;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    MembersView all() {
        return new MembersView(
                members.all().stream()
                        .map(m -> new MemberView(
                                m.id(),
                                m.name(),
                                m.role(),
                                m.role().words(),
                                m.stylist().orElse(null),
                                m.passphrase().isPresent(),
                                m.invitedUntil()
                                        .filter(u -> u.isAfter(clock.instant()))
                                        .orElse(null),
                                sessions.of(m.id()).size()))
                        .toList(),
                people.here().stream()
                        .map(p -> new StylistChoice(
                                p.stylist().id().value(), p.stylist().name()))
                        .toList());
    }

    /** Adds somebody, and opens an invitation for her. */
    InvitationView add(MemberBody body, Caller caller) {
        members.hold();
        Member m = checked(UUID.randomUUID(), body);
        members.add(m);
        return invite(m.id(), caller);
    }

    private Member checked(UUID id, MemberBody body) {
        Fields f = new Fields();
        String name = f.text("name", "The name", body.name(), MAX_NAME_LENGTH);
        members.called(name)
                .filter(m -> !m.id().equals(id))
                .ifPresent(m -> f.problem("name", m.name() + " signs in by that name already. Add something to it."));
        Role role = f.present("role", "What she may", body.role(), Role.LEARNER);
        Optional<UUID> stylist = f.idIfAny("stylistId", "Who she is at the chairs", body.stylistId());
        if (stylist.isPresent()
                && people.here().stream()
                        .noneMatch(p -> p.stylist().id().value().equals(stylist.get()))) {
            f.problem("stylistId", "She works here no longer.");
        }
        return f.orRefuse(
                () -> new Member(id, name, role, stylist, Optional.empty(), Optional.empty(), clock.instant()));
    }

    /** Opens an invitation; one before it closes. */
    InvitationView invite(UUID id, Caller caller) {
        member(id);
        String secret = Passphrases.secret();
        Instant until = clock.instant().plus(INVITATION_LASTS);
        members.invite(id, Passphrases.quickHash(secret), until);
        deeds.note(Caller.member(), AuditAction.INVITED, Optional.of(id), caller.address());
        // Behind the sign that no browser sends to any server, so it stands in no log.
        String link = address.secure() + "/come-in#" + secret;
        Code code = new Code(link);
        return new InvitationView(id, link, code.path(), code.size(), until);
    }

    /** Changes what she may; she signs in anew. */
    MembersView change(UUID id, MemberBody body, Caller caller) {
        members.hold();
        Member before = member(id);
        Member m = checked(id, new MemberBody(before.name(), body.role(), body.stylistId()));
        refuseIfLastOwner(before, m.role());
        members.change(id, m.role(), m.stylist());
        if (m.role() != before.role()) {
            sessions.endAll(id, Optional.empty());
        }
        deeds.note(Caller.member(), AuditAction.CHANGED_MEMBER, Optional.of(id), caller.address());
        return all();
    }

    /** She may no longer: her sessions end, and no device knows her. */
    MembersView remove(UUID id, Caller caller) {
        members.hold();
        refuseIfLastOwner(member(id), null);
        members.leave(id);
        devices.forget(id);
        sessions.endAll(id, Optional.empty());
        deeds.note(Caller.member(), AuditAction.REMOVED_MEMBER, Optional.of(id), caller.address());
        return all();
    }

    private void refuseIfLastOwner(Member m, @Nullable Role then) {
        boolean isLast = m.role() == Role.OWNER
                && then != Role.OWNER
                && members.all().stream()
                        .noneMatch(o -> o.role() == Role.OWNER
                                && !o.id().equals(m.id())
                                && o.passphrase().isPresent());
        Fields f = new Fields();
        if (isLast) {
            f.problem("role", "The studio would have no owner. Make somebody else one first.");
        }
        f.orRefuse(() -> m);
    }

    private Member member(UUID id) {
        return members.find(id).orElseThrow(() -> new NotFound("She may not sign in any more."));
    }

    /** What was done, the latest first. */
    @Transactional(readOnly = true)
    DeedsView deeds(long before) {
        List<AuditLog.Done> some = deeds.before(before, DEEDS_AT_ONCE + 1);
        List<AuditLog.Done> shown = some.stream().limit(DEEDS_AT_ONCE).toList();
        Map<UUID, String> clients = book.names(subjects(shown, true));
        Map<UUID, String> subjects = members.names(subjects(shown, false));
        Map<UUID, String> who =
                members.names(shown.stream().flatMap(d -> d.member().stream()).collect(Collectors.toSet()));
        return new DeedsView(
                shown.stream()
                        .map(d -> {
                            boolean isClient = OF_CLIENTS.contains(d.what());
                            String of = d.subject()
                                    .map(s -> (isClient ? clients : subjects)
                                            .getOrDefault(s, isClient ? "erased since" : ""))
                                    .orElse("");
                            UUID client = isClient
                                    ? d.subject().filter(clients::containsKey).orElse(null)
                                    : null;
                            return new DeedView(
                                    d.id(),
                                    d.at(),
                                    d.member().map(m -> who.getOrDefault(m, "")).orElse("somebody"),
                                    d.what().words(),
                                    client,
                                    of,
                                    d.address());
                        })
                        .toList(),
                some.size() > shown.size(),
                settings.deedsKept().toDays());
    }

    private static Set<UUID> subjects(List<AuditLog.Done> all, boolean ofClients) {
        return all.stream()
                .filter(d -> OF_CLIENTS.contains(d.what()) == ofClients)
                .flatMap(d -> d.subject().stream())
                .collect(Collectors.toSet());
    }
}
