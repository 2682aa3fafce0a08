package pebblestep.app.accounts;

import org.springframework.data.jpa.repository.JpaRepository;

interface Studios extends JpaRepository<StudioEntity, Long> {}
