package app.frenum.server.screen;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface ScreenRepository extends JpaRepository<Screen, UUID> {}
