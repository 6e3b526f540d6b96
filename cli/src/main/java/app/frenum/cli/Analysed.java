package app.frenum.cli;

import app.frenum.core.finding.UnitSystem;
import app.frenum.core.log.Channel;
import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.WheelPosition;
import app.frenum.core.stop.Flag;
import app.frenum.core.stop.FusedStop;
import app.frenum.core.stop.LogAnalysis;
import app.frenum.core.stop.MeasuredStop;
import app.frenum.core.stop.StopKind;
import app.frenum.formats.log.LogFile;
import app.frenum.formats.words.Wording;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * An analysed log, and its JSON as the contract spells it.
 *
 * @param analysis for comparing
 * @param json for printing
 */
record Analysed(LogAnalysis analysis, Map<String, Object> json) {
    private static final Wording METRIC = Wording.in(UnitSystem.METRIC);

    static Analysed of(Path file, LogFile log, LogAnalysis analysis) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("log", logJson(file, log, analysis));
        List<Object> stops = new ArrayList<>();
        for (int i = 0; i < analysis.stops().size(); i++) {
            stops.add(stopJson(i + 1, analysis.stops().get(i)));
        }
        json.put("stops", stops);
        return new Analysed(analysis, json);
    }

    private static Map<String, Object> logJson(Path file, LogFile log, LogAnalysis analysis) {
        List<Object> channels = new ArrayList<>();
        for (int i = 0; i < log.log().channels().size(); i++) {
            Channel c = log.log().channels().get(i);
            Map<String, Object> channel = new LinkedHashMap<>();
            channel.put("name", c.name());
            channel.put("role", c.role().name());
            channel.put("unit", c.unit().symbol());
            channel.put("rateHz", round(HealthCheck.rateHz(log.log(), i)));
            channels.add(channel);
        }
        List<Object> health = new ArrayList<>();
        for (HealthFinding f : analysis.health()) {
            Map<String, Object> finding = new LinkedHashMap<>();
            finding.put("code", f.code().name());
            finding.put("channel", f.channel().isEmpty() ? null : f.channel());
            finding.put("message", METRIC.text(f.finding()));
            health.add(finding);
        }
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("file", file.getFileName().toString());
        json.put("durationS", log.log().durationS());
        json.put(
                "latencyS", analysis.calibration().offsets().latency().seconds().orNull());
        json.put("channels", channels);
        json.put("health", health);
        return json;
    }

    private static double round(double rate) {
        return Math.round(rate * 1000) / 1000.0;
    }

    private static Map<String, Object> stopJson(int index, MeasuredStop s) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("index", index);
        json.put("kind", s.kind().name());
        json.put("basis", s.basis().name());
        json.put("onsetS", s.onsetS());
        json.put("endS", s.endS());
        json.put("onsetSource", s.onsetSource().name());
        json.put("speedSource", s.speedSource().name());
        json.put("entrySpeedMps", s.entrySpeed().orNull());
        json.put("exitSpeedMps", s.exitSpeed().orNull());
        json.put("distanceM", s.distance().orNull());
        json.put("uncertaintyM", s.uncertainty().distance().map(u -> 2 * u).orNull());
        json.put("distanceFromFootM", s.distanceFromFoot().orNull());
        json.put(
                "distanceFromFootUncertaintyM",
                s.uncertainty().distanceFromFoot().map(u -> 2 * u).orNull());
        json.put(
                "correctedDistanceM",
                s.kind() == StopKind.SNUB ? null : s.correctedDistance().orNull());
        json.put("timeS", s.time().orNull());
        json.put("mfddMps2", s.mfdd().orNull());
        json.put("meanDecelerationMps2", s.meanDeceleration().orNull());
        json.put("peakDecelerationMps2", s.peakDeceleration().orNull());
        json.put("buildUpS", s.buildUp().orNull());
        json.put("lostTimeS", s.lostTime().orNull());
        json.put("frontPressureMeanBar", s.frontPressureMean().orNull());
        json.put("rearPressureMeanBar", s.rearPressureMean().orNull());
        json.put("frontPressurePeakBar", s.frontPressurePeak().orNull());
        json.put("frontShare", s.frontShare().orNull());
        json.put("effectivenessMps2PerBar", s.effectiveness().orNull());
        json.put("modulations", s.brake().modulations());
        json.put("startTemperaturesC", temperatures(s.startTemperatures()));
        json.put("peakTemperaturesC", temperatures(s.peakTemperatures()));
        if (s.fused().distance().isKnown()) {
            json.put("fused", fusedJson(s.fused()));
        }
        json.put("gripLimited", s.gripLimited());
        json.put("flags", s.flags().stream().map(Analysed::flagJson).toList());
        return json;
    }

    private static Map<String, Object> fusedJson(FusedStop fused) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("entrySpeedMps", fused.entrySpeed().orNull());
        json.put("distanceM", fused.distance().orNull());
        json.put("latencyS", fused.latency().orNull());
        json.put("biasMps2", fused.bias().orNull());
        return json;
    }

    private static Map<String, Double> temperatures(Map<WheelPosition, Double> byWheel) {
        Map<String, Double> json = new LinkedHashMap<>();
        byWheel.forEach((wheel, t) -> json.put(wheel.key(), t));
        return json;
    }

    private static Map<String, Object> flagJson(Flag flag) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("code", flag.code().name());
        json.put("message", METRIC.text(flag.finding()));
        return json;
    }
}
