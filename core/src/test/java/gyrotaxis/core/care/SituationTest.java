package gyrotaxis.core.care;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SituationTest {
    @ParameterizedTest
    @EnumSource(Situation.class)
    void saysWhatIsDoneAndWhatNeverIsAndNothingTwice(Situation s) {
        Set<String> all = new HashSet<>(s.done());
        all.addAll(s.never());
        assertThat(all).hasSize(s.done().size() + s.never().size());
        assertThat(s.done()).hasSizeGreaterThanOrEqualTo(2);
        assertThat(s.never()).hasSizeGreaterThanOrEqualTo(4);
        assertThat(s.words()).endsWith(".");
        assertThat(s.why()).endsWith(".");
    }

    /** What one situation calls for must not be called wrong in it by another name. */
    @ParameterizedTest
    @EnumSource(Situation.class)
    void neverForbidsWhatItIsAnyoneElsesRule(Situation s) {
        for (Situation other : Situation.values()) {
            assertThat(s.never()).doesNotContainAnyElementsOf(other.done());
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Situation.class,
            names = {"PAIN_THAT_STAYS", "RASH", "SORES", "HAIR_LOSS", "BUMPS"})
    void whatIsAMatterForADoctorIsSentThere(Situation s) {
        assertThat(s.done()).anyMatch(d -> d.contains("professional"));
    }
}
