package org.fermix.web.check;

import org.springframework.data.repository.Repository;

interface JobReadingRepository extends Repository<JobReading, JobReading.Key> {
  JobReading save(JobReading reading);
}
