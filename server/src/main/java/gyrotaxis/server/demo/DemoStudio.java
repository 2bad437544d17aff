package gyrotaxis.server.demo;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.ConsultationBody;
import gyrotaxis.server.language.FoundationBody;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.language.HookingBody;
import gyrotaxis.server.language.OwnHairBody;
import gyrotaxis.server.shelf.HairLineBody;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The made-up studio as its file tells it; nobody in it is real. */
record DemoStudio(List<HairLineBody> hairLines, List<DemoClient> clients) {

    /** A made-up client with her head and her plan. */
    record DemoClient(
            String name, String wishes, String notes, OwnHairBody ownHair, HeadBody head, List<DemoPlan> plans) {}

    /** A plan; the hair line is told by its name. */
    record DemoPlan(
            String name,
            String hairLine,
            FoundationBody foundation,
            double fullness,
            @Nullable ConsultationBody consultation,
            @Nullable Installer installer,
            @Nullable HookingBody hooking) {

        /** Its brief for a head; lines of hair are told by their names. */
        BriefBody brief(HeadBody head, @Nullable OwnHairBody ownHair) {
            return new BriefBody(
                    head,
                    ownHair,
                    consultation,
                    foundation,
                    hairLine,
                    fullness,
                    installer == null ? Installer.STYLIST : installer,
                    hooking);
        }
    }
}
