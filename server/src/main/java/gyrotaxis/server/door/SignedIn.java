package gyrotaxis.server.door;

import gyrotaxis.server.shared.CurrentMember;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Whoever is signed in. */
@Component
class SignedIn implements CurrentMember {
    private final MemberRepository members;

    SignedIn(MemberRepository members) {
        this.members = members;
    }

    @Override
    public Optional<UUID> member() {
        return Caller.member();
    }

    @Override
    public boolean isLearner() {
        return Caller.member()
                .flatMap(members::find)
                .filter(m -> m.role() == Role.LEARNER)
                .isPresent();
    }

    @Override
    public Optional<UUID> stylist() {
        return Caller.member().flatMap(members::find).flatMap(Member::stylist);
    }
}
