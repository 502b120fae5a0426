<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Knee\Condition;

/**
 * What goes with each rule of the gate beside its line: to whom, what is asked, what is done until then.
 *
 * @internal
 */
final readonly class RuleSheet
{
    private const OUTER = [Condition::Acl, Condition::Pcl, Condition::Plc, Condition::Lcl];

    private const SPLINT = 'The leg stays splinted as it was found.';

    /**
     * @param  string  $to  in words, as one says it to an athlete: “the emergency department”
     * @param  string  $question  what the letter asks
     * @param  Advice|null  $advice  null: as without the line
     * @param  list<Condition>  $about  what may be named while the line stands
     * @param  string  $found  one sentence for the athlete
     * @param  string  $call  for what else to call; may be empty
     */
    private function __construct(
        public string $to,
        public string $question,
        public ?Advice $advice,
        public array $about,
        public string $found,
        public string $call = '',
    ) {
    }

    public static function of(Rule $rule, bool $calfTense = false): self
    {
        $still = new Advice(
            Weight::Carried,
            $calfTense ? 'Put nothing tight around the leg.' : self::SPLINT,
            Bend::DoNot,
            false,
        );
        $xray = new Advice(Weight::NoneUntilXray, 'Rest the knee in a splint or a bandage.', Bend::DoNotForce, false);
        $emergency = 'the emergency department';
        $hospital = 'a hospital doctor';
        $doctor = 'a doctor';

        return match ($rule) {
            Rule::LimbThreat => new self($emergency, 'Please examine the circulation and the nerves of the leg: '
                .'injured artery, or pressure in the calf?', $still, self::OUTER,
                'The blood flow or the nerves of your leg may be in danger.',
                'your foot turns cold, pale or numb, or the calf hurts more and more'),
            Rule::MultiLigament => new self($emergency, 'Several ligaments give: was the knee out of joint? Please '
                .'examine artery and nerve, and image.', $still, [...self::OUTER, Condition::Mcl],
                'More than one band of the knee gives way.', 'your foot turns cold, pale or numb'),
            Rule::NerveSign => new self($emergency, 'Weak ankle lift or numb foot: common peroneal nerve, lateral '
                .'side and corner?',
                new Advice(
                    Weight::NoneUntilSeen,
                    'Keep the knee straight, with nothing pressing on its outer side.',
                    Bend::DoNot,
                    false,
                ), self::OUTER,
                'A nerve to your foot may be hurt.', 'your foot turns cold, pale or more numb'),
            Rule::NerveOrBack => new self(
                $doctor,
                'Altered feeling in the leg: a nerve, or the back?',
                null,
                [],
                'The feeling in your leg has changed.',
                'the numbness spreads, or your leg gets weak',
            ),
            Rule::PulseOld => new self(
                $doctor,
                'Low pulse or ankle pressure: the arteries of the leg?',
                new Advice(Weight::ShortWays),
                [],
                'The pulse at your foot is weak.',
                'your foot turns cold, pale or painful',
            ),
            Rule::OpenJoint => new self(
                $emergency,
                'Does the wound reach the joint?',
                $still,
                [],
                'The wound may reach into the joint.',
            ),
            Rule::ChestSigns => new self(
                $emergency,
                'Breathless or chest pain: clot in the lung?',
                new Advice(Weight::None, '', null, false),
                [],
                'Short breath or pain in the chest must be looked at first.',
            ),
            Rule::KneecapOut => new self($emergency, 'The patella is out: please put it back and '
                .'image.', new Advice(Weight::None, 'Hold the leg just as '
                .'it lies.', Bend::DoNot, false), [Condition::PatellarInstability],
                'Your kneecap is out of its groove.'),
            Rule::FractureLikely => new self(
                $emergency,
                'Fracture of the knee?',
                $still,
                [],
                'A bone may be broken.',
                'your foot turns cold, pale or numb',
            ),
            Rule::FractureRulePositive => new self(
                'an X-ray and a doctor',
                'Fracture? The fracture rule is positive.',
                $xray,
                [],
                'A bone may be hurt; an X-ray will show.',
            ),
            Rule::AgeXray => new self(
                'an X-ray and a doctor',
                'Fracture? From 55 on an X-ray is asked for.',
                null,
                [],
                'At your age an X-ray is taken to be sure of the bones.',
            ),
            Rule::GrowingBone => new self('an X-ray and a doctor', 'Growth plate, torn-off tibial spine or '
                .'sleeve?', $xray, [Condition::Acl, Condition::Mcl, Condition::Lcl],
                'Where bone still grows it can be hurt; an X-ray will show.'),
            Rule::JointInfection => new self($hospital, 'Infected joint? Please draw fluid and blood '
                .'today; gout?', new Advice(Weight::AsLittle, '', Bend::AsItAllows, false), [],
                'Your knee may be infected inside.', 'you shiver, get a fever or feel ill'),
            Rule::HotKneeUnasked => new self(
                '',
                '',
                new Advice(Weight::AsLittle, '', Bend::AsItAllows, false),
                [],
                'Your knee is warm and swollen.',
                'you shiver, get a fever or feel ill',
            ),
            Rule::SwellingWithoutInjury => new self($doctor, 'Fluid without an injury: why? Inflammation, crystals, '
                .'infection?', new Advice(Weight::AsItAllows, '', Bend::AsItAllows), [],
                'There is fluid inside the knee though nothing happened to it.',
                'the knee turns hot or red, or you get a fever'),
            Rule::ExtensorRupture => new self($hospital, 'Quadriceps or patellar tendon torn, or patella '
                .'broken?', new Advice(Weight::Crutches, 'Wear the straight splint.', Bend::DoNot, false), [],
                'You could not hold your leg straight.'),
            Rule::ClotSuspected => new self($hospital, 'Clot in the calf?', new Advice(
                Weight::ShortWays, 'Nobody should rub the calf or the knee.', null, false,
            ), [],
                'Your calf must be checked for a clot.',
                'you get short of breath or your chest hurts: then call an ambulance'),
            Rule::HipFirst => new self('an X-ray of the hip and a doctor', 'Hip in the young: slipped growth plate '
                .'or other disease of the hip?', new Advice(Weight::None, '', null, false), [],
                'The pain may come from your hip.'),
            Rule::HipCheck => new self(
                $doctor,
                'Stiff hip with a limp: osteoarthritis, or a stress fracture of the femoral neck?',
                new Advice(Weight::ShortWays),
                [],
                'Your hip is stiff and may be the cause.',
            ),
            Rule::RestPain => new self(
                'a doctor, with an X-ray',
                'Pain at night or at rest: why?',
                null,
                [],
                'Pain at night or at rest must be explained first.',
                'the pain grows, or you lose weight or feel ill',
            ),
            Rule::SeverePain => new self(
                $doctor,
                'Severe pain at rest: why so much?',
                new Advice(Weight::Crutches, 'Cool the knee and raise the leg.', Bend::AsItAllows, false),
                [],
                'Your knee hurts more than we can explain.',
                'the calf turns hard, or the pain grows',
            ),
            Rule::LockedKnee => new self('a knee surgeon', 'Locked knee: displaced '
                .'meniscus tear?', new Advice(Weight::Crutches, 'Let the knee rest as '
                .'it is.', Bend::DoNotForce, false), [Condition::MedialMeniscus, Condition::LateralMeniscus],
                'Your knee is stuck and does not go straight.'),
            Rule::RecentSurgery => new self(
                'the surgeon who operated',
                'Operated within 12 weeks: is the course as planned?',
                null,
                [],
                'Your knee was operated on not long ago.',
                'the knee turns hot or red, or the wound weeps',
            ),
            Rule::BleedingRisk => new self($doctor, 'Fluid after an injury under a bleeding risk: please check '
                .'clotting.',
                new Advice(
                    Weight::Crutches,
                    'Cool the knee. No massage. No painkillers against swelling without the doctor.',
                    Bend::AsItAllows,
                    false,
                ), [], 'You bleed more easily, and there is fluid in the knee.', 'the knee swells more'),
            Rule::GeneralSwelling => new self(
                $doctor,
                'Pitting on both sides: heart, kidneys, veins?',
                null,
                [],
                'Both legs are swollen.',
                'you get short of breath',
            ),
            Rule::BoneStress => new self(
                'a doctor, for imaging of the shin',
                'Stress injury of the tibia?',
                new Advice(Weight::OnlyWithoutPain),
                [],
                'The bone of your shin may be overworked.',
            ),
            Rule::Lump => new self(
                'a doctor, with imaging',
                'A lump that is hard, grows or pulses: what is it?',
                null,
                [],
                'We felt a lump that should be looked at.',
            ),
        };
    }
}
