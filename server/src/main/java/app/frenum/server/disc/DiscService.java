package app.frenum.server.disc;

import app.frenum.core.heat.AirFlow;
import app.frenum.core.heat.DiscReading;
import app.frenum.core.heat.Ladder;
import app.frenum.core.people.Who;
import app.frenum.core.quantity.FieldProblem;
import app.frenum.server.Raced;
import app.frenum.server.analysis.StopReader;
import app.frenum.server.document.Documents;
import app.frenum.server.garage.GarageService;
import app.frenum.server.problem.Problem;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what people read off discs: temperatures and ladders of stops, and what was seen of the air. */
@Service
@Raced
@Transactional
public class DiscService {
    private static final int MOST_OF_A_STOP = 60;
    private static final int MOST_OF_A_CONFIGURATION = 60;

    private final LadderRepository ladders;
    private final DiscReadingRepository readings;
    private final AirFlowRepository airFlows;
    private final StopReader stops;
    private final GarageService garage;
    private final Documents documents;

    DiscService(
            LadderRepository ladders,
            DiscReadingRepository readings,
            AirFlowRepository airFlows,
            StopReader stops,
            GarageService garage,
            Documents documents) {
        this.ladders = ladders;
        this.readings = readings;
        this.airFlows = airFlows;
        this.stops = stops;
        this.garage = garage;
        this.documents = documents;
    }

    @Transactional(readOnly = true)
    public List<LadderView> ladders() {
        return ladders.findAllByOrderByCreatedAt().stream().map(this::view).toList();
    }

    /** Adds a ladder; sent again it changes nothing, and it is never changed, because readings hang on it. */
    public LadderView add(LadderView ladder) {
        refuse(ladder.ladder().problems());
        String spec = documents.write(ladder.ladder());
        LadderRow row = ladders.findById(ladder.id()).orElseGet(() -> ladders.save(new LadderRow(ladder.id(), spec)));
        if (!view(row).ladder().equals(ladder.ladder())) {
            throw Problem.conflict("A ladder is not changed, because readings hang on it. Add another.");
        }
        return view(row);
    }

    /** Everything read off the discs of these stops, in the order it was entered. */
    @Transactional(readOnly = true)
    public Map<UUID, List<DiscReadingView>> of(Collection<UUID> stopIds) {
        return readings.findByStopIdInOrderByCreatedAt(stopIds).stream()
                .map(this::view)
                .collect(Collectors.groupingBy(DiscReadingView::stopId));
    }

    /** Keeps a reading of a stop's disc; sent again it changes nothing. */
    public DiscReadingView keep(UUID id, UUID stopId, DiscReading reading, Who who) {
        Optional<Ladder> ladder = reading.ladderId().flatMap(ladders::findById).map(r -> view(r).ladder());
        refuse(reading.problems(ladder));
        Optional<DiscReadingRow> known = readings.findById(id);
        if (known.isEmpty()) {
            stops.stop(stopId);
            if (readings.countByStopId(stopId) >= MOST_OF_A_STOP) {
                throw Problem.invalid("id", "A stop keeps %d readings. This one has them.".formatted(MOST_OF_A_STOP));
            }
            return view(readings.save(new DiscReadingRow(id, stopId, documents.write(reading), who)));
        }
        DiscReadingView there = view(known.get());
        if (!there.stopId().equals(stopId) || !there.reading().equals(reading)) {
            throw Problem.conflict("Another reading has this id. Give each one of its own.");
        }
        return there;
    }

    void forgetReading(UUID id) {
        readings.deleteById(id);
    }

    /** What was seen of the air about the brakes of these configurations. */
    @Transactional(readOnly = true)
    public List<AirFlowView> airFlows(Collection<UUID> configurationIds) {
        return airFlows.findByConfigurationIdInOrderByCreatedAt(configurationIds).stream()
                .map(this::view)
                .toList();
    }

    /** Keeps what was seen; sent again it changes nothing. */
    public AirFlowView keep(UUID id, UUID configurationId, AirFlow seen, Who who) {
        refuse(seen.problems());
        Optional<AirFlowRow> known = airFlows.findById(id);
        if (known.isEmpty()) {
            if (!garage.byId(List.of(configurationId)).containsKey(configurationId)) {
                throw Problem.notFound("The configuration");
            }
            if (airFlows.countByConfigurationId(configurationId) >= MOST_OF_A_CONFIGURATION) {
                throw Problem.invalid("id", "A configuration keeps %d of these.".formatted(MOST_OF_A_CONFIGURATION));
            }
            return view(airFlows.save(new AirFlowRow(id, configurationId, documents.write(seen), who)));
        }
        AirFlowView there = view(known.get());
        if (!there.configurationId().equals(configurationId) || !there.seen().equals(seen)) {
            throw Problem.conflict("Another note has this id. Give each one of its own.");
        }
        return there;
    }

    void forgetAirFlow(UUID id) {
        airFlows.deleteById(id);
    }

    private static void refuse(List<FieldProblem> problems) {
        if (!problems.isEmpty()) {
            throw Problem.invalid(problems);
        }
    }

    private LadderView view(LadderRow row) {
        return new LadderView(row.id(), documents.read(row.spec(), Ladder.class));
    }

    private DiscReadingView view(DiscReadingRow row) {
        return new DiscReadingView(row.id(), row.stopId(), documents.read(row.entry(), DiscReading.class), row.by());
    }

    private AirFlowView view(AirFlowRow row) {
        return AirFlowView.of(row.id(), row.configurationId(), documents.read(row.entry(), AirFlow.class), row.by());
    }
}
