package gyrotaxis.server.outside;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.outside.LabelPrinter.Label;
import gyrotaxis.server.outside.OutsideBodies.FaultView;
import gyrotaxis.server.outside.OutsideBodies.LaidBody;
import gyrotaxis.server.outside.OutsideBodies.MeasuringBody;
import gyrotaxis.server.outside.OutsideBodies.OutsideView;
import gyrotaxis.server.outside.OutsideBodies.ScaleView;
import gyrotaxis.server.outside.OutsideBodies.StandInBody;
import gyrotaxis.server.outside.OutsideBodies.StandInView;
import gyrotaxis.server.outside.OutsideBodies.TapeView;
import gyrotaxis.server.shared.Fields;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The panels of the stand-ins, and what tape and scale say. */
@RestController
@RequestMapping("/api/outside")
class OutsideController {
    private static final Interval DELAY = new Interval(0, SimulatedDevices.SLOWEST_MS);

    private final SimulatedDevices standIns;
    private final TapeService tape;
    private final ScaleService scale;
    private final SimulatedScale madeUpScale;
    private final LabelPrinter printer;

    OutsideController(
            SimulatedDevices standIns,
            TapeService tape,
            ScaleService scale,
            SimulatedScale madeUpScale,
            LabelPrinter printer) {
        this.printer = printer;
        this.standIns = standIns;
        this.tape = tape;
        this.scale = scale;
        this.madeUpScale = madeUpScale;
    }

    @GetMapping
    OutsideView outside() {
        return new OutsideView(
                Arrays.stream(Outside.values()).map(this::view).toList(),
                SimulatedDevices.SLOWEST_MS,
                madeUpScale.lies());
    }

    private StandInView view(Outside what) {
        return new StandInView(
                what,
                what.words(),
                what.tells(),
                standIns.delayMs(what),
                Arrays.stream(Fault.values())
                        .filter(f -> f.of() == what)
                        .map(f -> new FaultView(f, f.words(), standIns.has(f)))
                        .toList());
    }

    @PutMapping("/{what}")
    OutsideView change(@PathVariable Outside what, @RequestBody StandInBody body) {
        Fields f = new Fields();
        int delay = f.whole("delayMs", "How long it takes, in milliseconds,", body.delayMs(), DELAY);
        List<Fault> faults = f.present("faults", "What goes wrong", body.faults(), List.of());
        f.orRefuse(() -> delay);
        standIns.set(what, delay, Set.copyOf(faults));
        return outside();
    }

    /** A made-up head is measured with the made-up tape. */
    @PostMapping("/tape/measuring")
    OutsideView measuring(@RequestBody MeasuringBody body) {
        tape.measure(body.head());
        return outside();
    }

    /** What the tape sent after some length. */
    @GetMapping("/tape")
    TapeView tape(
            @RequestParam(required = false) @Nullable Integer after,
            @RequestParam(required = false) @Nullable String field) {
        return tape.since(after, field);
    }

    /** What came out of the made-up printer. */
    @GetMapping("/labels")
    List<Label> labels() {
        return printer.out();
    }

    /** Something is laid on the made-up scale. */
    @PutMapping("/scale/lies")
    OutsideView lay(@RequestBody LaidBody body) {
        scale.lay(body);
        return outside();
    }

    /** What the scale shows, and how many loops of a line that are. */
    @GetMapping("/scale")
    ScaleView scale(
            @RequestParam(required = false) @Nullable UUID line, @RequestParam(defaultValue = "0") double empty) {
        return scale.weighed(line, empty);
    }
}
